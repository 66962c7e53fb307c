import type { LandingRules } from '#core/games/exact-landing/rules'
import type { GameId } from '#core/games/ids'
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { StepRules } from '#core/games/step-and-gather/rules'
import type { HaulRules } from '#core/games/ten-turn-haul/rules'
import type { DipRules } from '#core/games/token-dip/rules'
import type { TopRules } from '#core/games/top-total/rules'

/** A game of the rulebook said as a recipe of an own game, to begin with and to change. */
interface AsRecipe {
  readonly recipe: Partial<OwnRules>
  /** What a recipe can't say and is otherwise now; null where it is the same game. */
  readonly otherwise: string | null
}

const sum = (does: 'add' | 'take' = 'add') => [{ makes: 'sum' as const, does }]
/** A spinner has two fields at least. */
const spinner = (faces: readonly number[]) => ({
  kind: 'spinner' as const,
  faces: faces.length > 1 ? [...faces] : [...faces, ...faces],
  spins: 1,
})

/** Steps that are taken over: as many again are spun with the other sign, and a spinner has 24 fields. */
const MOST_STEPS = 12

const landing = ({ low, high, start, goal, steps, over, under, finish }: LandingRules): AsRecipe => ({
  recipe: {
    title: 'Exact landing, our way',
    brings: spinner(steps.slice(0, MOST_STEPS).flatMap((step) => [-step, step])),
    track: { from: low, to: high, start, past: 'stay' },
    counts: 'place',
    goal,
    reach: 'exactly',
    rounds: null,
    finish,
    asks: 'score',
  },
  otherwise:
    over === 'lose-turn' && under === 'lose-turn'
      ? null
      : 'Off the line the turn passes: a recipe has no second spin in its place, and no line that goes on.',
})

const gathering = ({ path, sides, atEnd }: StepRules): AsRecipe => ({
  recipe: {
    title: 'Step and gather, our way',
    brings: { kind: 'dice', sides: [sides] },
    track: {
      from: 0,
      to: path.length,
      start: 0,
      past: atEnd === 'exact' ? 'stay' : 'stop-there',
      gives: [0, ...path],
    },
    counts: 'points',
    rounds: Math.min(100, Math.ceil((2 * path.length) / (sides + 1)) + 2),
    asks: 'score',
  },
  otherwise: 'It is over after so many rounds, not when all are home.',
})

const top = ({ dice, sides, combine, better, rounds, tiedRound }: TopRules): AsRecipe => ({
  recipe: {
    title: 'Top total, our way',
    brings: { kind: 'dice', sides: Array.from({ length: dice }, () => sides) },
    ways: [{ makes: ({ add: 'sum', times: 'product', difference: 'difference' } as const)[combine], does: 'add' }],
    scoring: 'best-of-round',
    better,
    rounds,
    tied: tiedRound === 'both' ? 'all' : 'nobody',
  },
  otherwise: tiedRound === 'reroll' ? 'Who is level in a round does not roll again: nobody scores.' : null,
})

const haul = ({ faces, turns, better }: HaulRules): AsRecipe => ({
  recipe: {
    title: 'Ten turns, our way',
    brings: spinner(faces),
    ways: sum(),
    rounds: turns,
    wins: better === 'higher' ? 'most' : 'fewest',
    floor: null,
    asks: 'score',
  },
  otherwise: null,
})

const dip = ({ key, bag, mode, goal, turns, floor, finish, recount }: DipRules): AsRecipe => {
  const without = [
    ...(bag ? ['Every token goes back into the bag'] : []),
    ...(recount === 'before-win' && mode === 'first-to' ? ['nobody counts again before the end'] : []),
  ]
  return {
    recipe: {
      title: 'Token dip, our way',
      brings: spinner(key.map(({ worth }) => worth)),
      ways: sum(),
      floor,
      rounds: mode === 'turns' ? turns : null,
      goal: mode === 'turns' ? null : goal,
      finish: mode === 'turns' ? 'at-once' : finish,
      asks: 'score',
    },
    otherwise: `${[...without, 'worths are said, not colours'].join('; ').replace(/^./, (first) => first.toUpperCase())}.`,
  }
}

/** The games that can be said, by their rules as agreed; the rest of the rulebook needs more than a recipe has. */
export const AS_RECIPES = {
  'exact-landing': (rules) => landing(rules as LandingRules),
  'step-and-gather': (rules) => gathering(rules as StepRules),
  'top-total': (rules) => top(rules as TopRules),
  'ten-turn-haul': (rules) => haul(rules as HaulRules),
  'token-dip': (rules) => dip(rules as DipRules),
} satisfies Partial<Record<GameId, (rules: unknown) => AsRecipe>>
