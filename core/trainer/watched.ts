import { randomFor } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'
import { momentOf, wrongPlays } from '#core/trainer/wrongPlays'

/** What is watched: a game under some rules, whether slips happen, and the chance that all of it is drawn from. */
interface Watched {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  readonly slips: boolean
  readonly key: string
}

/** Of so many plays one is got wrong first. */
const ONE_OF = 5
/** Entries at most: longer matches are broken off. */
const MOST = 600

/** A match that plays itself, entry by entry: the tape before the first of them, then after each. */
export function watchedTapes({ game, houseRules, players, slips, key }: Watched): readonly Tape[] {
  const { table, state } = openSelfPlay({ game, houseRules, players, key })
  const tapes: Tape[] = [foldTape(table, state, [])]
  const random = randomFor(key, 'slips')
  for (let n = 0; tapes.length <= MOST; n++) {
    let tape = tapes.at(-1)!
    const play = nextPlay(table, tape.state, key, n) as BasePlay | null
    if (play === null) break
    if (slips && random.whole(1, ONE_OF) === 1) {
      // Only what is refused: the right play follows it.
      const [wrong] = wrongPlays(momentOf(tape, play), random).filter(({ verdict }) => !verdict.stands)
      if (wrong) {
        const tried = addEntry(tape, { play: wrong.play })
        tapes.push(tried)
        // A house rule may let it cost something: then the match goes on from there.
        if (tried.state.game !== tape.state.game) continue
        tape = tried
      }
    }
    tapes.push(addEntry(tape, { play }))
  }
  return tapes
}
