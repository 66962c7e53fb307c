import type { Preset } from '#core/contract/game'
import type { OwnRules } from '#core/games/own-game/houseRules'

const dice = (...sides: number[]) => ({ kind: 'dice' as const, sides })

/** Recipes to begin with, as different as can be. */
export const presets: readonly Preset<OwnRules>[] = [
  { id: 'usual', label: 'Ten rounds', hint: 'Two dice, their sum is added; most points.', rules: {} },
  {
    id: 'hundred',
    label: 'Up to a hundred',
    hint: 'And not beyond; the sum or the difference, two alike throw again.',
    rules: {
      title: 'Up to a hundred',
      // By sums alone whoever stands on 99 would never get there.
      ways: [
        { makes: 'sum', does: 'add' },
        { makes: 'difference', does: 'add' },
      ],
      goal: 100,
      rounds: null,
      reach: 'exactly',
      specials: [{ when: { is: 'same' }, then: { do: 'again' } }],
    },
  },
  {
    id: 'down',
    label: 'Down from a hundred',
    hint: 'What is thrown is taken; a double takes twice as much.',
    rules: {
      title: 'Down from a hundred',
      ways: [{ makes: 'sum', does: 'take' }],
      start: 100,
      goal: 0,
      rounds: null,
      finish: 'even-turns',
      wins: 'fewest',
      asks: 'score',
      specials: [{ when: { is: 'same' }, then: { do: 'double' } }],
    },
  },
  {
    id: 'biggest-number',
    label: 'The biggest number',
    hint: 'Three digits, put in any order; the best of each round.',
    rules: {
      title: 'The biggest number',
      brings: { kind: 'cards', pack: { low: 0, high: 9, copies: 4 }, draw: 3 },
      ways: [{ makes: 'number', does: 'add' }],
      scoring: 'best-of-round',
      rounds: 6,
    },
  },
  {
    id: 'nearest',
    label: 'Nearest to fifty',
    hint: 'Four cards and all signs; the distance counts.',
    rules: {
      title: 'Nearest to fifty',
      brings: { kind: 'cards', pack: { low: 1, high: 10, copies: 4 }, draw: 4 },
      ways: [{ makes: 'calculation', does: 'add' }],
      useAll: false,
      scoring: 'distance',
      target: 50,
      wins: 'fewest',
      rounds: 5,
    },
  },
  {
    id: 'pot',
    label: 'The herring barrel',
    hint: 'As many throws as you dare; a one empties the barrel.',
    rules: {
      title: 'The herring barrel',
      brings: dice(6),
      throws: 'choice',
      specials: [{ when: { is: 'has', n: 1 }, then: { do: 'bust' } }],
      goal: 50,
      rounds: null,
      finish: 'even-turns',
    },
  },
  {
    id: 'harbour',
    label: 'Through the harbour',
    hint: 'A track with slipways and currents.',
    rules: {
      title: 'Through the harbour',
      brings: dice(6),
      track: { from: 0, to: 40, start: 0, past: 'stop-there' },
      counts: 'place',
      goal: 40,
      rounds: null,
      asks: 'score',
      specials: [
        { when: { is: 'on', n: 6 }, then: { do: 'go-to', n: 14 } },
        { when: { is: 'on', n: 18 }, then: { do: 'go-to', n: 27 } },
        { when: { is: 'on', n: 23 }, then: { do: 'go-to', n: 11 } },
        { when: { is: 'on', n: 37 }, then: { do: 'go-to', n: 30 } },
        { when: { is: 'on-other' }, then: { do: 'send-back' } },
      ],
    },
  },
  {
    id: 'clock',
    label: 'Round the clock',
    hint: 'Sixty minutes in a ring; every quarter gives five points.',
    rules: {
      title: 'Round the clock',
      track: {
        from: 0,
        to: 59,
        start: 0,
        past: 'round',
        gives: Array.from({ length: 60 }, (_, minute) => (minute % 15 ? 1 : 5)),
      },
      counts: 'points',
      rounds: 10,
    },
  },
  {
    id: 'around-zero',
    label: 'Above and below zero',
    hint: 'A spinner with numbers below zero; points may fall below it too.',
    rules: {
      title: 'Above and below zero',
      brings: { kind: 'spinner', faces: [-5, -3, -2, -1, 1, 2, 4, 6], spins: 1 },
      ways: [
        { makes: 'sum', does: 'add' },
        { makes: 'sum', does: 'take' },
      ],
      floor: null,
      rounds: 8,
      wins: 'nearest',
      goal: 0,
      start: 10,
      asks: 'score',
    },
  },
  {
    id: 'products',
    label: 'Race of products',
    hint: 'Two dice are multiplied; first to two hundred.',
    rules: {
      title: 'Race of products',
      ways: [{ makes: 'product', does: 'add' }],
      goal: 200,
      rounds: null,
      finish: 'even-turns',
    },
  },
  {
    id: 'best',
    label: 'Best of each round',
    hint: 'The largest less the smallest; the best difference scores itself.',
    rules: {
      title: 'Best of each round',
      brings: dice(10, 10),
      ways: [{ makes: 'difference', does: 'add' }],
      scoring: 'best-of-round',
      worth: 'result',
      tied: 'all',
      rounds: 8,
    },
  },
]
