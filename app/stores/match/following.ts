import type { MatchStream } from '#shared/streams'
import type { HeldMatch } from '~/stores/match/held'
import type { Link } from '~/stores/match/link'
import { ApiError, callApi } from '~/utils/api'
import { dropCopy, dropOldCopies } from '~/utils/copies'
import { followLive, type Live } from '~/utils/live'

interface FollowingParts {
  readonly held: HeldMatch
  readonly link: Link
  /** Brings back what waited on this device before. */
  readonly ready: () => Promise<void>
  readonly send: () => void
}

/** Loads a match and follows it while anybody on this device looks at it. */
export function makeFollowing(id: string, { held, link, ready, send }: FollowingParts) {
  const missing = ref<string | null>(null)
  /** The match that whoever helps here was sent on to, since the table plays again. */
  const movedTo = ref<string | null>(null)
  let live: Live | null = null
  let followers = 0
  /** The server has answered since the match was joined; until then a copy kept here may be shown. */
  let heard = false

  async function join() {
    followers++
    if (followers > 1) return
    await ready()
    void dropOldCopies()
    heard = false
    await load()
    if (followers === 0) return
    live = followLive<MatchStream>(
      () => `/api/matches/${id}/live?after=${held.recorded.value.length}`,
      {
        recorded: held.hear,
        clock: held.hearClock,
        room: ({ room: told }) => held.hearRoom(told),
        moved: ({ match: next }) => (movedTo.value = next),
        'let-go': ({ ended }) => {
          live?.close()
          gone(
            ended
              ? 'The session has ended, and what was recorded is kept. Thank you for helping!'
              : 'Helping at this table has ended. Thank you!',
          )
        },
        renamed: held.hearChanges,
        asked: held.hearAsked,
        removed: () => gone('This match was deleted.'),
        here: () => {
          link.online.value = true
          send()
        },
      },
      () => (link.online.value = false),
    )
    send()
  }

  /** Nobody looks any more: the stream ends, and with the last one the store is let go of. */
  function leave() {
    followers--
    if (followers > 0) return
    link.stop()
    live?.close()
    live = null
  }

  async function load() {
    try {
      await held.take(await callApi(`/api/matches/${id}`))
      heard = link.online.value = true
      missing.value = null
    } catch (error) {
      if (error instanceof ApiError && !error.unreachable) return gone(error.says)
      link.online.value = false
      await held.takeCopy().catch(() => undefined)
      // Only now: what the server says is not to be followed by what an old copy said.
      link.lost()
    }
  }

  function gone(says: string) {
    missing.value = says
    void dropCopy(id)
  }

  /** Once the server may be back. */
  async function again() {
    if (!heard) await load()
    if (link.online.value) send()
  }

  return { missing, movedTo, join, leave, again, followed: () => followers > 0 }
}
