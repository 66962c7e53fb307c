import { callApi } from '~/utils/api'

/** Seconds a play in this room, by game, asked for once; of other games the game's own guess counts. */
export function usePaces() {
  const paces = useState<Readonly<Record<string, number>>>('paces', () => ({}))
  const asked = useState('paces-asked', () => false)
  onMounted(async () => {
    if (asked.value) return
    asked.value = true
    try {
      paces.value = (await callApi('/api/paces')).paces
    } catch {
      // Without the room’s own pace the game’s guess is told.
      asked.value = false
    }
  })
  return paces
}
