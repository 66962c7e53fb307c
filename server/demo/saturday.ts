import type { GameId } from '#core/games/ids'

/** The demo: the Saturday table at Saltmarsh Ferry library. Everybody and everything in it is made up. */
export const PEOPLE: readonly string[] = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf']

interface DemoTable {
  readonly game: GameId
  readonly names: readonly string[]
  /** What the table is called in the room. */
  readonly table?: string
  readonly houseRules?: Record<string, unknown>
  readonly first?: number
  readonly source?: 'table' | 'dealt'
  /** What chance is drawn from; another key is another match. */
  readonly key: string
  /** How many entries are played; to the end when left out. */
  readonly plays?: number
  /** Entries by their place that are recorded as they stand here instead of a bot's play. */
  readonly script?: Readonly<Record<number, unknown>>
}

type OfAGame = Omit<DemoTable, 'game'>

/** A finished match of every game, the oldest first. */
const FINISHED: Readonly<Record<GameId, OfAGame>> = {
  'ask-for-rest': { names: ['Kofi', 'Linnea', 'Wren'], key: 'knot' },
  'roof-tiles': { names: ['Bao', 'Yusuf'], source: 'dealt', key: 'slate' },
  'turn-two': {
    names: ['Odalys', 'Linnea'],
    houseRules: { pack: { low: 0, high: 10, copies: 2 } },
    key: 'lockers',
  },
  'call-row': { names: ['Ines', 'Yusuf', 'Kofi'], houseRules: { steps: 4 }, key: 'mast' },
  'six-heaps': { names: ['Wren', 'Linnea'], houseRules: { goal: 6 }, key: 'pontoon' },
  'perch-and-push': { names: ['Ines', 'Odalys'], houseRules: { goal: 5 }, key: 'gull' },
  'hundred-stops': { names: ['Tomasz', 'Wren', 'Bao'], houseRules: { end: 900 }, key: 'quay' },
  'top-total': {
    names: ['Bao', 'Ines'],
    houseRules: { combine: 'times', tiedRound: 'reroll', rounds: 6 },
    key: 'barnacle',
  },
  'place-strike': { names: ['Tomasz', 'Wren'], houseRules: { digits: 4, strikes: 3 }, key: 'harbour' },
  'column-keeper': { names: ['Linnea', 'Yusuf'], houseRules: { rounds: 2 }, key: 'ballast' },
  'skip-count-yard': { names: ['Kofi', 'Bao'], houseRules: { hand: 5 }, source: 'dealt', key: 'winches' },
  'fill-in-order': { names: ['Wren', 'Ines'], houseRules: { slots: 4 }, key: 'berths' },
  'last-digit-chains': { names: ['Yusuf'], source: 'dealt', key: 'anchor' },
  'step-and-gather': { names: ['Wren', 'Kofi'], key: 'cargo' },
  'covered-part': { names: ['Linnea', 'Bao'], key: 'lid' },
  'table-ladder': { names: ['Ines', 'Tomasz'], key: 'gantry' },
  'ebb-and-flow': { names: ['Yusuf', 'Odalys'], key: 'springs' },
  brim: { names: ['Odalys', 'Wren', 'Kofi'], first: 2, key: 'lantern' },
  'say-it-first': {
    names: ['Yusuf', 'Bao'],
    houseRules: { combine: 'times', pack: { low: 2, high: 9, copies: 4 }, rounds: 8 },
    key: 'hail',
  },
  'exact-landing': { names: ['Wren', 'Tomasz'], key: 'marker' },
  'ten-turn-haul': { names: ['Yusuf', 'Odalys'], houseRules: { turns: 6 }, key: 'capstan' },
  'token-dip': { names: ['Kofi', 'Yusuf', 'Linnea'], houseRules: { goal: 30 }, key: 'float' },
  'own-game': {
    names: ['Bao', 'Wren'],
    houseRules: {
      title: 'The herring barrel',
      brings: { kind: 'dice', sides: [6] },
      throws: 'choice',
      specials: [{ when: { is: 'has', n: 1 }, then: { do: 'bust' } }],
      goal: 40,
    },
    key: 'herring',
  },
}

/** Tables that still play, one of every game at least. */
const PLAYING: Readonly<Record<GameId, readonly (OfAGame & { readonly plays: number })[]>> = {
  'own-game': [
    {
      names: ['Odalys', 'Tomasz', 'Linnea'],
      table: 'Slipway',
      houseRules: {
        title: 'Through the harbour',
        brings: { kind: 'dice', sides: [6] },
        track: { from: 0, to: 40, start: 0, past: 'stop-there' },
        goal: 40,
        asks: 'score',
        specials: [
          { when: { is: 'on', n: 6 }, then: { do: 'go-to', n: 14 } },
          { when: { is: 'on', n: 23 }, then: { do: 'go-to', n: 11 } },
          { when: { is: 'on-other' }, then: { do: 'send-back' } },
        ],
      },
      key: 'keel',
      plays: 11,
    },
  ],
  'column-keeper': [{ names: ['Odalys', 'Kofi', 'Ines'], key: 'tide', plays: 24 }],
  'exact-landing': [
    {
      names: ['Ines', 'Bao', 'Linnea'],
      table: 'Cormorant',
      houseRules: { low: -10, start: -4, goal: 6, steps: [1, 2, 3, 4], under: 'extend', finish: 'even-turns' },
      key: 'fathom',
      plays: 7,
    },
  ],
  'table-ladder': [
    {
      names: ['Linnea', 'Bao'],
      houseRules: { factors: [7, 8], rungs: 8, answers: 'noted', win: 'most-right' },
      key: 'rigging',
      plays: 9,
    },
    {
      names: ['Yusuf', 'Ines'],
      table: 'Slipway',
      houseRules: { order: 'race', factors: [6, 4], sides: 10 },
      key: 'bollard',
      plays: 11,
    },
  ],
  'ebb-and-flow': [
    {
      names: ['Odalys', 'Tomasz', 'Wren'],
      table: 'Sandbar',
      houseRules: { swing: 'colour' },
      key: 'shoal',
      plays: 13,
    },
    { names: ['Kofi', 'Linnea'], key: 'eddy', plays: 8 },
  ],
  'token-dip': [
    {
      names: ['Tomasz', 'Ines', 'Bao'],
      table: 'Creel',
      houseRules: { bag: { coral: 6, amber: 6, teal: 6, plum: 4, slate: 2, white: 4 } },
      key: 'netting',
      plays: 11,
    },
  ],
  'covered-part': [
    {
      names: ['Bao', 'Odalys'],
      table: 'Hatch',
      houseRules: { pieces: 'dominoes' },
      key: 'tarpaulin',
      plays: 7,
    },
  ],
  'say-it-first': [{ names: ['Linnea', 'Kofi', 'Ines'], table: 'Foghorn', key: 'bell', plays: 8 }],
  'step-and-gather': [{ names: ['Kofi', 'Wren', 'Yusuf'], table: 'Driftwood', key: 'crate', plays: 11 }],
  'ten-turn-haul': [{ names: ['Tomasz', 'Odalys', 'Kofi'], key: 'winch', plays: 14 }],
  'hundred-stops': [{ names: ['Linnea', 'Tomasz'], key: 'pier', plays: 6 }],
  'top-total': [{ names: ['Linnea', 'Kofi', 'Wren'], table: 'Kittiwake', key: 'kelp', plays: 13 }],
  'perch-and-push': [
    {
      names: ['Wren', 'Yusuf', 'Bao'],
      houseRules: { combine: 'times', with: 6, pack: { low: 1, high: 10, copies: 4 } },
      key: 'heron',
      plays: 16,
    },
  ],
  'skip-count-yard': [
    {
      names: ['Wren', 'Odalys', 'Yusuf'],
      table: 'Shipyard',
      source: 'dealt',
      key: 'keels',
      plays: 41,
    },
  ],
  'fill-in-order': [
    {
      names: ['Bao', 'Linnea', 'Tomasz'],
      table: 'Moorings',
      houseRules: { wild: 'K' },
      key: 'pegs',
      plays: 16,
    },
  ],
  'last-digit-chains': [{ names: ['Odalys', 'Kofi'], table: 'Capstan', source: 'dealt', key: 'links', plays: 25 }],
  'place-strike': [{ names: ['Ines', 'Yusuf', 'Linnea'], table: 'Lighthouse', key: 'lamp', plays: 19 }],
  'turn-two': [{ names: ['Kofi', 'Wren', 'Bao'], table: 'Boathouse', key: 'hatch', plays: 12 }],
  'call-row': [{ names: ['Odalys', 'Bao', 'Wren'], table: 'Crow’s nest', key: 'ropes', plays: 16 }],
  'six-heaps': [{ names: ['Bao', 'Ines', 'Tomasz'], table: 'Gangway', key: 'crates', plays: 17 }],
  'roof-tiles': [{ names: ['Kofi', 'Ines'], key: 'shed', plays: 9 }],
  'ask-for-rest': [{ names: ['Bao', 'Odalys', 'Tomasz'], key: 'rope', plays: 14 }],
  brim: [
    {
      names: ['Bao', 'Linnea'],
      houseRules: { dice: 3, limit: 12, rolls: 3, rounds: 6, minutes: 15 },
      source: 'dealt',
      key: 'oar',
      plays: 14,
    },
    {
      names: ['Ines', 'Tomasz', 'Yusuf'],
      table: 'Lantern',
      houseRules: { rounds: 5 },
      key: 'buoy',
      plays: 13,
      script: {
        0: { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
        1: { play: { do: 'stop', by: 1, said: 18, explained: true, how: 'made-ten' } },
      },
    },
  ],
}

const GAMES = (all: object) => Object.keys(all) as GameId[]

/** The oldest first: finished matches, then the tables that are still playing. */
export const TABLES: readonly DemoTable[] = [
  ...GAMES(FINISHED).map((game) => ({ game, ...FINISHED[game] })),
  ...GAMES(PLAYING).flatMap((game) => PLAYING[game].map((table) => ({ game, ...table }))),
]
