import { nanoid } from 'nanoid'
import type { ListedMatch } from '#shared/api'
import { callApi } from '~/utils/api'

/** The matches of one session of the room, the newest first. Throws `ApiError`. */
export const matchesOfSession = async (session: string): Promise<readonly ListedMatch[]> =>
  (await callApi(`/api/matches?limit=200&session=${session}`)).matches

/** Records an entry at a match that nobody has open here, right after the entry with the number `after`. Throws `ApiError`. */
export const recordAfter = (match: string, after: number, entry: object) =>
  callApi(`/api/matches/${match}/entries`, 'POST', { id: nanoid(), after, entry })
