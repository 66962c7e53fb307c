import { callApi } from '~/utils/api'
import type { Person } from '#shared/api'

/** The people known on this machine. */
export function usePeople() {
  const people = ref<Person[]>([])
  const failed = ref<string | null>(null)

  async function load() {
    try {
      people.value = (await callApi('/api/people')).people
      failed.value = null
    } catch (error) {
      failed.value = saysOf(error)
    }
  }

  onMounted(load)
  return { people, failed, load }
}
