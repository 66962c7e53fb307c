import { eq, isNull, sql } from 'drizzle-orm'
import { facts, matches } from '../database/schema'
import { isClosed, theDatabase, writing } from '../utils/database'
import { yieldLoop } from '../utils/yieldLoop'
import { insertFacts } from './facts'
import { tapeOf } from './tapes'

/** Matches after which it is told how far it is. */
const TELL_EVERY = 100

/**
 * Reads the facts of older versions anew from their tapes, so that each says what it rests on. Match by match, each whole:
 * a server that stops meanwhile goes on with the rest when it starts again. Returns how many matches were read.
 */
export async function readFactsAnew(told: (done: number, of: number) => void = tell): Promise<number> {
  const database = await theDatabase()
  const unread = await database
    .selectDistinct({ match: facts.matchId })
    .from(facts)
    .where(isNull(facts.evidence))
    .orderBy(facts.matchId)
  let done = 0
  for (const { match } of unread) {
    if (isClosed()) return done
    await readOne(match)
    done++
    told(done, unread.length)
    await yieldLoop()
  }
  return done
}

const readOne = (match: string) =>
  writing(async (tx) => {
    const [row] = await tx.select({ last: matches.last }).from(matches).where(eq(matches.id, match)).for('update')
    if (!row) return
    try {
      const tape = await tapeOf(match, row.last, tx)
      await tx.delete(facts).where(eq(facts.matchId, match))
      await insertFacts(match, tape, tape.lines, tx)
    } catch (error) {
      // A match whose rules are none any more is shown as it is; its facts were played, and no more is known of them.
      console.warn(`The facts of match ${match} can’t be read anew.`, error)
      await tx
        .update(facts)
        .set({ evidence: 'met' })
        .where(sql`${facts.matchId} = ${match} and ${facts.evidence} is null`)
    }
  })

function tell(done: number, of: number) {
  if (done % TELL_EVERY === 0 || done === of) console.log(`What was practised is read anew: ${done} of ${of} matches.`)
}
