/** A player's mark: told apart by shape and pattern as well as by colour. */
export interface Pennant {
  readonly name: string
  readonly colour: string
  readonly shape: string
  readonly pattern: string
}

export const PENNANTS: readonly Pennant[] = [
  { name: 'indigo swallowtail', colour: '#3a4fa3', shape: 'M4 3H38L28 14L38 25H4Z', pattern: 'M4 14H40' },
  { name: 'coral triangle', colour: '#bd4a36', shape: 'M4 3L38 14L4 25Z', pattern: '' },
  { name: 'ochre square', colour: '#a5690c', shape: 'M4 3H34V25H4Z', pattern: 'M-2 30L34 -6M12 40L46 6' },
  { name: 'fir notch', colour: '#1d6f52', shape: 'M4 3H32L38 14L32 25H4Z', pattern: 'M16 0V32' },
  { name: 'plum streamer', colour: '#7b3a7c', shape: 'M4 3L38 9V19L4 25Z', pattern: 'M4 9.5H40M4 18.5H40' },
  {
    name: 'slate dovetail',
    colour: '#4a5a6b',
    shape: 'M4 3H36L31 8.5L36 14L31 19.5L36 25H4Z',
    pattern: 'M10 14a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  },
  { name: 'rose round', colour: '#b0305f', shape: 'M4 3H26A11 11 0 0 1 26 25H4Z', pattern: 'M10 3V25M19 3V25' },
  { name: 'olive diamond', colour: '#5f6a1f', shape: 'M4 14L20 2L37 14L20 26Z', pattern: 'M12 0V32M28 0V32' },
]
