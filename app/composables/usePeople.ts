import { callApi } from '~/utils/api'
import type { Person } from '#shared/people'

/** The people known on this machine; none where that can't be told. */
export function usePeople() {
  const { told, failed, load } = useAnswer(() => callApi('/api/people'))
  return { people: computed<readonly Person[]>(() => told.value?.people ?? []), failed, load }
}
