import type { RoomMade, RoomsListed, SchoolRoom } from '#shared/school'
import { callApi, postText } from '~/utils/api'

/** What the keeper of a school does with its rooms. */
export function useSchool() {
  const listed = shallowRef<RoomsListed | null>(null)
  /** A room whose passcode was just made, to be handed out: it is told this once. */
  const card = shallowRef<RoomMade | null>(null)
  const text = ref('')
  const done = ref('')
  const { busy, failed, doing } = useDoing()

  async function load() {
    listed.value = await callApi(`/api/keeper/rooms?q=${encodeURIComponent(text.value.trim())}`)
  }
  /** Does something with a room, says what was done, and looks at the list again. */
  const act = (what: () => Promise<string>) =>
    doing(async () => {
      done.value = await what()
      await load()
    })
  const of = ({ id }: Pick<SchoolRoom, 'id'>) => `/api/keeper/rooms/${id}` as const

  async function make({ name }: { name: string }) {
    card.value = await callApi('/api/keeper/rooms', 'POST', { name })
    done.value = `${name} is made. Hand its card out now: the passcode is shown this once.`
    await load()
  }
  async function rename(room: SchoolRoom, name: string) {
    await callApi(of(room), 'PATCH', { name })
    done.value = `${room.name} is called ${name} now.`
    await load()
  }
  const renew = (room: SchoolRoom) =>
    act(async () => {
      card.value = await callApi(`${of(room)}/passcode`, 'POST')
      return `${room.name} has a new passcode. Whoever was in has to give it.`
    })
  const close = (room: SchoolRoom, closed: boolean) =>
    act(async () => {
      await callApi(of(room), 'PATCH', { closed })
      return closed
        ? `${room.name} is closed: nobody is in it any more, and nothing of it is lost.`
        : `${room.name} is open again, with the passcode that it had.`
    })
  const bring = (room: SchoolRoom, file: File) =>
    act(async () => {
      const { matches, people, already } = await postText(`${of(room)}/archive`, await textOfWanted(file, 'archive'))
      return `Brought into ${room.name}: ${matches} matches and ${people} people; ${already} matches were there already.`
    })

  watchDebounced(text, () => void doing(load), { debounce: 250 })
  return { listed, card, text, done, busy, failed, doing, load, make, rename, renew, close, bring }
}
