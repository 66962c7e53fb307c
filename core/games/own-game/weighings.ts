import type { Option, Weighings } from '#core/contract/weighing'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { oddsOf } from '#core/games/own-game/odds'
import { presets } from '#core/games/own-game/presets'
import { judge, type OwnPlay, type Throw } from '#core/games/own-game/rules'
import type { OwnState } from '#core/games/own-game/state'
import { ofSeat, withSeat } from '#core/kit/seats'
import { onAverage } from '#core/kit/weighing'

const recipe = (id: string) => ({ ...presets.find((each) => each.id === id)?.rules })

/** What one more throw changes on the whole. Exact. */
const changeOf = (rules: OwnRules, state: OwnState): number => oddsOf(rules, state)?.[0]?.change ?? 0

/** A number sentence by how far from the target it is. */
function making(rules: OwnRules, state: OwnState, numbers: readonly number[], calculation: string): Option<OwnPlay> {
  const play: Throw = { do: 'throw', by: 1, numbers: [...numbers], calculation }
  const verdict = judge(rules, state, play, { overrule: false })
  const far = verdict.stands ? ofSeat(verdict.next.points, 1) - ofSeat(state.points, 1) : Infinity
  const says = calculation.replaceAll('*', ' × ').replaceAll('+', ' + ').replaceAll('-', ' − ')
  return { says, play, worth: -far, tells: far ? `${far} away` : 'exactly the target' }
}

/** A place by what the next throw from there brings. */
function throwingFrom(rules: OwnRules, state: OwnState, place: number, name: string): Option<OwnPlay> {
  const worth = changeOf(rules, { ...state, places: withSeat(state.places, 1, place) })
  return { says: name, worth, tells: onAverage(worth) }
}

const POT = 26
const CARDS = [8, 6, 4, 3]

export const weighings: Weighings<OwnRules, OwnState, OwnPlay> = [
  {
    look: 'What one more throw may bring against what it may lose: the fuller the pot, the more there is to lose.',
    houseRules: recipe('pot'),
    asks: `${POT} lie in the barrel; a one empties it. Does Ines throw again?`,
    lies: (opened) => ({ ...opened, pot: POT, threw: true, fresh: false }),
    options: (rules, state) => [
      { says: 'Stop', play: { do: 'stop', by: 1 }, worth: 0, tells: `${POT} for sure` },
      {
        says: 'Throw again',
        play: { do: 'throw', by: 1, numbers: [1] },
        worth: changeOf(rules, state),
        tells: onAverage(changeOf(rules, state)),
      },
    ],
  },
  {
    look: 'Take the target apart: which two numbers make it when they are multiplied?',
    houseRules: recipe('nearest'),
    asks: `Fifty is wished for, the cards are ${CARDS.join(', ')}. Which sentence?`,
    lies: (opened) => opened,
    options: (rules, state) => [
      making(rules, state, CARDS, '(6+4)*(8-3)'),
      making(rules, state, CARDS, '8*6+3'),
      making(rules, state, CARDS, '8*6'),
    ],
  },
  {
    look: 'Look six places ahead: what lies there lifts you or throws you back.',
    houseRules: recipe('harbour'),
    asks: 'Ines stands on 15, Bao on 20. Whose next throw brings more?',
    lies: (opened) => ({ ...opened, places: [15, 20], began: { points: 0, place: 15 }, fresh: false }),
    options: (rules, state) => [
      throwingFrom(rules, state, 15, 'Ines’s, from 15'),
      throwingFrom(rules, { ...state, places: [20, 15], began: { points: 0, place: 20 } }, 20, 'Bao’s, from 20'),
    ],
  },
]
