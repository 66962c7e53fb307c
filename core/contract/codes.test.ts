import type { GameWording } from '#core/contract/game'
import { brim } from '#core/games/brim/index'
import type { BrimCodes } from '#core/games/brim/codes'
import { problem } from '#core/contract/problem'
import { refuse, refused, type GameVerdict } from '#core/contract/verdict'

/**
 * What the type checker must find: each line marked here is a mistake, and `npm run typecheck` fails where it is none.
 * The calls give what they were given; nothing is wrong with that at run time.
 */
type Verdict = GameVerdict<unknown, BrimCodes>
type Reasons = GameWording<unknown, unknown, unknown, BrimCodes>['reasons']
const { reasons } = brim.wording

test('a refusal of a game is one of its codes, with that code’s facts', () => {
  const verdicts: Verdict[] = [
    refuse('no-rolls-left', { by: 1, rolls: 3 }),
    refuse('no-such-face', { face: 7, sides: 6 }),
    // @ts-expect-error a code mistyped
    refuse('no-rolls-lef', { by: 1, rolls: 3 }),
    // @ts-expect-error a fact mistyped
    refuse('no-rolls-left', { by: 1, roles: 3 }),
    // @ts-expect-error a fact of another kind
    refuse('no-rolls-left', { by: 1, rolls: 'three' }),
  ]
  expect(verdicts).toHaveLength(5)
})

test('the kernel gives common codes alone', () => {
  expect(refused('already-struck', { entry: 3 }).reason).toEqual({ code: 'already-struck', facts: { entry: 3 } })
  // @ts-expect-error no such code
  expect(refused('already-stuck', { entry: 3 }).stands).toBe(false)
  // @ts-expect-error the least is a number
  expect(problem('players', 'too-few-players', { players: 1, least: 'two' }).path).toBe('players')
})

test('every code has its sentence, and every sentence its code', () => {
  const { 'no-rolls-left': _left, ...without } = reasons
  // @ts-expect-error a code without a sentence
  const missing: Reasons = without
  // @ts-expect-error a sentence without a code
  const more: Reasons = { ...reasons, 'no-dice-left': () => '' }
  // @ts-expect-error a fact that isn't there
  const wrong: Reasons = { ...reasons, 'nothing-rolled': ({ rolls }) => `${rolls}` }
  expect([missing, more, wrong]).toHaveLength(3)
})
