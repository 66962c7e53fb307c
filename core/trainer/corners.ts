import { capital } from '#core/basics/words'
import type { Game } from '#core/contract/game'
import type { Corner, Situation } from '#core/contract/situation'
import { readHouseRules } from '#core/kernel/houseRules'
import { judgePlay } from '#core/kernel/match'
import { openSituation, restsOn, sayJudged, type Agreed } from '#core/trainer/situation'

/** What the judge says to a corner case under these rules. */
interface Answered {
  readonly stands: boolean
  readonly says: string
}

/** Lays a corner case out and judges its play; null where these rules can't be opened. */
export function answerCorner(game: Game, situation: Situation, agreed: Agreed, corner: Corner): Answered | null {
  const { seats } = agreed
  const players = PLAYERS.slice(0, seats)
  const opened = openSituation({
    ...{ game, situation, players, entered: corner.at ?? {} },
    houseRules: named(game, agreed),
  })
  if (!opened.ok) return null
  const { table, state } = opened.tape
  const { verdict } = judgePlay(table, state, corner.play)
  const told = sayJudged(opened.tape, verdict)
  if (!verdict.reason) return { stands: true, says: told ? `It stands. ${told}` : 'It stands.' }
  const rests = restsOn(game, situation, { rules: state.rules, seats }, verdict.reason.code)
  return { stands: false, says: `It doesn’t stand. ${capital(told)} ${rests}` }
}

/** What was agreed beside the usual: some of the usual rules may not be named where a game doesn't offer them. */
function named(game: Game, { rules, seats }: Agreed): Readonly<Record<string, unknown>> {
  const read = readHouseRules(game, {}, seats)
  const usual = new Map(read.ok ? Object.entries(read.rules) : [])
  const same = (name: string, value: unknown) => JSON.stringify(usual.get(name)) === JSON.stringify(value)
  return Object.fromEntries(Object.entries(rules).filter(([name, value]) => name !== 'bySeat' && !same(name, value)))
}
const PLAYERS = ['Ines', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf', 'Odalys', 'Tomasz']
