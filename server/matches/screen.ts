import { eq } from 'drizzle-orm'
import { MOST_ASKED, type Asked } from '#core/kernel/predictions'
import type { ShownHelp } from '#core/mastery/ladder'
import { matches } from '../database/schema'
import { writing } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { tell } from './live'
import { noSuchMatch } from './read'

/**
 * Keeps what the room was asked after an entry, in place of what was asked there before; `hands` null takes it back. Refused
 * where a match was asked too much already. Returns all that the room was asked.
 */
export async function askRoom(
  match: string,
  { after, question, hands }: Omit<Asked, 'hands'> & { readonly hands: Asked['hands'] | null },
): Promise<readonly Asked[]> {
  const asked = await writing(async (tx) => {
    const [row] = await tx.select({ asked: matches.asked }).from(matches).where(eq(matches.id, match)).for('update')
    if (!row) throw noSuchMatch()
    const others = row.asked.filter((each) => each.after !== after)
    const all = hands ? [...others, { after, question, hands }].sort((a, b) => a.after - b.after) : others
    if (all.length > MOST_ASKED)
      throw new Refusal(422, 'too-much-asked', `The room is asked ${MOST_ASKED} times a match at most.`, 'after')
    await tx.update(matches).set({ asked: all }).where(eq(matches.id, match))
    return all
  })
  tell({ kind: 'asked', match, asked })
  return asked
}

/** Shows a drawing to work on on the second screen, or none. */
export async function showHelp(match: string, help: ShownHelp | null): Promise<void> {
  const changed = await writing((tx) =>
    tx.update(matches).set({ help }).where(eq(matches.id, match)).returning({ id: matches.id }),
  )
  if (!changed.length) throw noSuchMatch()
  tell({ kind: 'help', match })
}
