import { list } from '#core/basics/words'
import { matchName } from '#core/games/titles'
import type { RoomSession } from '#shared/api'
import type { RoomClockAct } from '#shared/requests'
import { callApi } from '~/utils/api'

/** The session that goes on in the room, kept up to date by whoever hands `hear` what the server tells. */
export function useRoomSession() {
  const session = shallowRef<RoomSession | null>(null)
  const { told, failed: unknown, load } = useAnswer(() => callApi('/api/room/session'))
  /** Why what was wished was not done. */
  const undone = ref<string | null>(null)
  const failed = computed(() => undone.value ?? unknown.value)
  const confirm = useConfirm()

  function hear(told: RoomSession) {
    const before = session.value
    if (told.endedAt) {
      if (before?.id === told.id) session.value = null
      return
    }
    session.value = { ...told, clock: heardClock(told.clock) }
  }

  // At once, so that whoever waited for the answer finds what it says.
  watch(
    told,
    (now) => {
      if (now?.session) hear(now.session)
      else session.value = null
    },
    { flush: 'sync' },
  )

  /** Posts something about the session, and takes what it is then; says why not where that fails. */
  async function post(what: 'clock' | 'board' | 'end', body?: object): Promise<boolean> {
    if (!session.value) return false
    undone.value = null
    try {
      hear(await callApi(`/api/room/session/${session.value.id}/${what}`, 'POST', body))
      return true
    } catch (error) {
      undone.value = saysOf(error)
      return false
    }
  }
  const setClock = (act: RoomClockAct) => post('clock', act)
  const renewBoard = () => post('board')
  /** Ends the session, once it is said what is still played, and looks back on it. */
  async function end() {
    const id = session.value?.id
    if (!id) return
    const matches = await matchesOfSession(id).catch(() => [])
    const playing = matches.filter(({ over }) => !over).map(matchName)
    const says = playing.length
      ? `${list(playing)} still ${playing.length === 1 ? 'plays' : 'play'}: nothing is lost, and what is not finished can be played on or finished later.`
      : 'Every table is over.'
    const question = { title: 'End the session?', says: `${says} Helpers are let go.`, yes: 'End it', no: 'Not yet' }
    if ((await confirm(question)) && (await post('end'))) await navigateTo(`/session/${id}`)
  }
  return { session, failed, hear, load, setClock, renewBoard, end }
}

export type RoomNow = ReturnType<typeof useRoomSession>
