import { sql, type SQL } from 'drizzle-orm'
import type { Seat } from '#shared/api'
import { people, seats, sideMembers } from '../database/schema'
import type { Within } from '../utils/database'

/** Stores who sits where; members of a side who are known here by name are kept as the people they are. */
export async function storeSeats(match: string, seated: readonly Seat[], tx: Within): Promise<void> {
  await tx.insert(seats).values(seated.map((seat, i) => ({ matchId: match, seat: i + 1, ...seat })))
  if (!seated.some(({ members }) => members)) return
  await tx.execute(sql`
    insert into ${sideMembers} (match_id, seat, member, person_id)
    select ${seats.matchId}, ${seats.seat}, member.place, known.id
    from ${seats}
    cross join lateral ${membersIn(seats)} with ordinality as member(name, place)
    join ${people} known on lower(known.name) = lower(member.name)
    where ${seats.matchId} = ${match}`)
}

/** The names of a side's members, a row each; none for a seat of one. */
export const membersIn = ({ members }: Pick<typeof seats, 'members'>): SQL =>
  sql`jsonb_array_elements_text(case when jsonb_typeof(${members}) = 'array' then ${members} else '[]'::jsonb end)`
