import { nanoid } from 'nanoid'
import { list } from '#core/basics/words'
import { stillPlaying, tablesAgain } from '#core/room/again'
import type { ListedMatch, PastSession } from '#shared/api'
import type { RoomNow } from '~/composables/useRoomSession'
import { callApi } from '~/utils/api'

const hasPerson = ({ personId }: ListedMatch['seats'][number]) => personId !== null

/**
 * The tables of a session again: those of the one that goes on which are over, for their next game; where none goes on, those
 * of the last one. Who still plays at a table is told, and left where they are.
 */
export function useSameTables(room: ReturnType<typeof useRoom>, now: RoomNow) {
  const matches = shallowRef<readonly ListedMatch[]>([])
  const last = shallowRef<PastSession | null>(null)
  const told = useTold()
  const failed = ref<string | null>(null)

  async function load() {
    const id = now.session.value?.id
    matches.value = id ? await matchesOfSession(id) : []
    if (!id) last.value = (await callApi('/api/room/session/ended')).sessions[0] ?? null
  }
  const quietly = () => load().catch(() => undefined)
  onMounted(quietly)
  watch(() => now.session.value?.id, quietly)

  const playing = computed(() => stillPlaying(matches.value))
  const over = computed(() => tablesAgain(matches.value, (id) => playing.value.has(id), nanoid))
  /** Who is to be seated and still plays, in words; null where nobody does. */
  const warning = computed(() => {
    const changed = new Set(room.draft.value.tables.flatMap(({ from }) => from ?? []))
    const elsewhere = stillPlaying(matches.value.filter(({ id }) => !changed.has(id)))
    const here = room.draft.value.tables.flatMap(({ people }) => people)
    const busy = here.flatMap((id) => {
      const [name, table] = [room.personOf(id)?.name, elsewhere.get(id)]
      return name && table !== undefined ? [`${name}${table ? ` (at ${table})` : ''}`] : []
    })
    if (!busy.length) return null
    return `${list(busy)} still ${busy.length === 1 ? 'plays' : 'play'}: that match goes on beside the new one.`
  })

  /** Seats the tables of a session as they were, or of the one that goes on those that are over. */
  async function again(session?: string) {
    failed.value = null
    try {
      const tables = session ? tablesAgain(await matchesOfSession(session), () => false, nanoid) : over.value
      const undo = room.reseat(tables)
      await Promise.all(tables.map(({ game }) => room.loadGame(game)))
      told(tables.length ? 'The tables are as they were.' : 'Nobody who is known sat at those tables.', undo)
    } catch (error) {
      failed.value = saysOf(error)
    }
  }
  /** Tables that still play, each to be changed: somebody came late, or is gone. */
  const running = computed(() => matches.value.filter(({ over: done, seats }) => !done && seats.some(hasPerson)))
  async function change(match: ListedMatch) {
    const [table] = tablesAgain([match], () => false, nanoid)
    if (!table) return
    await room.loadGame(table.game)
    const undo = room.bring([{ ...table, from: match.id }])
    told(
      `${table.name} is here to be changed: take somebody off, or bring somebody. It goes on until it is started anew.`,
      undo,
    )
  }
  return { over, last, running, warning, failed, again, change }
}
