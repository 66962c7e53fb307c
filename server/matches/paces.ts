import { sql } from 'drizzle-orm'
import { rowsOf } from '../database/rows'
import { theDatabase } from '../utils/database'

/** Gaps that say nothing of the pace: two entries of one touch, and a pause. */
const [LEAST, MOST] = [1, 180]
/** Entries below which a game's own pace is no more than chance. */
const ENOUGH = 40

/** Seconds from one play to the next in this room, the middle one, by game; only games that were played enough. */
export async function listPaces(): Promise<Record<string, number>> {
  const database = await theDatabase()
  const rows = await rowsOf<{ game: string; pace: number }>(
    database,
    sql`
    select game, percentile_cont(0.5) within group (order by gap)::float as pace
    from (
      select m.game, extract(epoch from e.at - lag(e.at) over (partition by e.match_id order by e.number)) as gap
      from entries e join matches m on m.id = e.match_id
      where e.entry ? 'play'
    ) gaps
    where gap between ${LEAST} and ${MOST}
    group by game
    having count(*) >= ${ENOUGH}
  `,
  )
  return Object.fromEntries(rows.map(({ game, pace }) => [game, Math.round(pace * 10) / 10]))
}
