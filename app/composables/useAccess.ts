import type { Access } from '#shared/api'
import { callApi } from '~/utils/api'

/** Who this device is to the server: asked once, and again after a passcode or a code was given. */
export function useAccess() {
  const access = useState<Access | null>('access', () => null)
  /** This device was let in as a helper: until the server has answered, nothing is asked for that helpers don't get. */
  const helper = useLocalStorage('helper', false)

  async function load(again = false) {
    if (access.value && !again) return
    try {
      access.value = await callApi('/api/session')
      roomZone.value = access.value.zone
      helper.value = access.value.helps !== null
    } catch {
      // Without the server nothing is refused either; it is asked again with the next page.
    }
  }
  onMounted(() => void load())

  /** Whether this device has the whole room, and not one table alone. */
  const whole = computed(() => (access.value ? access.value.helps === null : !helper.value))
  return { access, whole, load }
}
