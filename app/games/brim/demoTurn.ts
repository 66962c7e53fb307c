/** The turn that the rulebook draws; frozen dice come first. */
export const DEMO_TURN: readonly { what: string; dice: readonly number[]; frozen: number; why: string }[] = [
  {
    what: 'Ines rolls five dice',
    dice: [6, 5, 1, 1, 1],
    frozen: 0,
    why: '14: room for 6 more. She freezes the 6 and the 5.',
  },
  {
    what: 'She rolls three again',
    dice: [6, 5, 4, 3, 3],
    frozen: 2,
    why: '21 is one over. She freezes a 3 and rolls two.',
  },
  {
    what: 'Two again, and stop',
    dice: [6, 5, 3, 4, 2],
    frozen: 3,
    why: '6 + 4 makes ten, 5 + 3 + 2 another: 20, full to the brim.',
  },
]
