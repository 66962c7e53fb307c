import { callApi } from '~/utils/api'

/** Where others reach this server: the page's own address means nothing to them when it is this machine's. */
export function useOrigins() {
  const { told: reach } = useAnswer(() => callApi('/api/reach'))
  const own = isOnThisMachine()
  const origins = computed(() => (own && reach.value?.addresses.length ? reach.value.addresses : [location.origin]))
  const chosen = ref(0)
  const origin = computed(() => origins.value[chosen.value] ?? origins.value[0]!)
  /** Nobody but this machine can follow a link. */
  const local = computed(() => own && !reach.value?.addresses.length)
  return { origins, chosen, origin, local }
}
