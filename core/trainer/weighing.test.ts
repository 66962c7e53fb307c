import type { BasePlay } from '#core/contract/plays'
import type { Option } from '#core/contract/weighing'
import { GAMES } from '#core/games/index'
import type { GameId } from '#core/games/ids'
import { WEIGHINGS } from '#core/games/weighings'
import { judgePlay } from '#core/kernel/match'
import { handsLike, type Hand } from '#core/kit/hands'
import { randomFor } from '#core/basics/random'
import { weigh } from '#core/trainer/weighing'

const CASES = GAMES.flatMap((game) =>
  WEIGHINGS[game.id as GameId].map((weighing, i) => ({ name: `${game.id} ${i + 1}`, game, weighing })),
)
const weighed = (id: GameId, at: 0 | 1 | 2) => {
  const found = CASES.find(({ game, weighing }) => game.id === id && weighing === WEIGHINGS[id][at])!
  return weigh(found.game, found.weighing)
}
const told = (options: readonly Option[]) => options.map(({ says, tells }) => `${says}: ${tells}`)

describe('what good players look at', () => {
  test.each(CASES)('$name: the better move is better, and every move stands', ({ game, weighing }) => {
    const { tape, options } = weigh(game, weighing)
    const [best, ...others] = options
    expect(others.length).toBeGreaterThan(0)
    for (const other of others) expect(best!.worth).toBeGreaterThan(other.worth)
    for (const { play } of options)
      if (play) expect(judgePlay(tape.table, tape.state, play).verdict.reason ?? null).toBeNull()
    // A position is plain data, and the same each time.
    expect(JSON.parse(JSON.stringify(tape.state))).toEqual(tape.state)
    expect(told(weigh(game, weighing).options)).toEqual(told(options))
  })

  test.each(CASES)('$name: is told shortly and plainly', ({ game, weighing }) => {
    const { options } = weigh(game, weighing)
    expect(weighing.look.length).toBeLessThan(130)
    expect(weighing.look).toMatch(/\.$|\?$/)
    expect(weighing.asks).toMatch(/\?$/)
    expect(weighing.asks.length).toBeLessThan(150)
    const texts = told(options)
    expect(new Set(options.map(({ says }) => says)).size).toBe(options.length)
    for (const { tells } of options.slice(1)) expect(tells).not.toBe(options[0]!.tells)
    for (const text of [weighing.look, weighing.asks, ...texts])
      expect(text).not.toMatch(/undefined|NaN|Infinity|\d-\d| -\d|\.\d\d/)
  })

  /** Worked by hand. */
  test.each<[GameId, 0 | 1 | 2, string[]]>([
    ['ask-for-rest', 0, ['Ask Bao for a 4: Bao surely holds one', 'Ask Bao for a 7: Bao holds one: about 45 in 100']],
    ['call-row', 0, ['6 + 8 − 4: leaves none', '8 + 2: leaves 1 call to the others']],
    ['call-row', 2, ['8 + 1 + 1: after it 6 of 36 cards make a call', '9 + 1: after it 13 of 36 cards make a call']],
    ['exact-landing', 1, ['Ines, from 9: 2 of 6 spins land', 'Bao, from 7: 1 of 6 spins land']],
    ['hundred-stops', 0, ['Walk 50, hop, walk 20: 2 tokens', 'Hop, walk 70: 1 token']],
    ['perch-and-push', 0, ['Onto the 14: pushes off 3 markers', 'Onto the 17: pushes off 1 marker']],
    ['roof-tiles', 0, ['The 6 beside the 4: uncovers 1 tile', 'The 6 at the end: uncovers nothing']],
    ['six-heaps', 0, ['Between the 6 and the 2: makes 2 lines', 'Beside the 6 below: makes 1 line']],
    ['step-and-gather', 0, ['A 2: space 2: 5 cubes', 'A 6: space 6: 1 cube']],
    ['top-total', 0, ['7: 6 of 36 rolls', '10: 3 of 36 rolls', '12: 1 of 36 rolls']],
    ['top-total', 1, ['It is not beaten: 26 of 36 rolls', 'It is beaten: 10 of 36 rolls']],
    ['top-total', 2, ['12: 4 of 36 rolls', '25: 1 of 36 rolls', '20: 2 of 36 rolls']],
    ['token-dip', 1, ['Ines, 6 away: reaches it about 50 in 100', 'Bao, 9 away: reaches it about 33 in 100']],
    [
      'place-strike',
      0,
      ['Ines: 3,142 and 1,324: strikes with 8 of 24 rolls', 'Bao: 3,142 twice: strikes with 4 of 24 rolls'],
    ],
    ['fill-in-order', 2, ['Bao’s: fits about 10 in 100', 'Ines’s: fits about 7 in 100']],
    ['own-game', 0, ['Stop: 26 for sure', 'Throw again: loses 1 on average']],
  ])('%s %i comes to what one counts by hand', (id, at, lines) => {
    expect(told(weighed(id, at).options)).toEqual(lines)
  })

  test('whether a roll is beaten, by judging all thirty-six', () => {
    const { tape, options } = weighed('top-total', 1)
    let beaten = 0
    for (let a = 1; a <= 6; a++)
      for (let b = 1; b <= 6; b++) {
        const play: BasePlay = { do: 'roll', by: 1, dice: [a, b] } as BasePlay
        const { state } = judgePlay(tape.table, tape.state, play)
        if (tape.table.game.standing(state.rules, state.game)[0] === 1) beaten++
      }
    expect(options.find(({ says }) => says === 'It is beaten')!.tells).toBe(`${beaten} of 36 rolls`)
  })

  test('who holds a card, by dealing the hands many times', () => {
    const { tape, options } = weighed('ask-for-rest', 1)
    const { hands, laid, stock } = tape.state.game as { hands: Hand[]; laid: number[]; stock: number }
    const live = Array.from({ length: 36 }, (_, i) => 1 + Math.floor(i / 4))
    const random = randomFor('weighing')
    const dealt = Array.from({ length: 4000 }, () => handsLike(live, { hands, laid, stock }, random)[1]!)
    for (const option of options) {
      const card = (option.play as unknown as { for: number }).for
      const share = dealt.filter((hand) => hand.includes(card)).length / dealt.length
      expect(Math.abs(share - option.worth)).toBeLessThan(0.03)
    }
  })
})
