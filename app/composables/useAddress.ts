/** Parts of the address in which a page keeps what was chosen; `leaves` once somebody is on the way to another page. */
export function useAddress() {
  const route = useRoute()
  const router = useRouter()
  const leaves = ref(false)
  onBeforeRouteLeave(() => void (leaves.value = true))

  /** Sets one part, or takes it out where it is empty. */
  function set(part: string, value: string | number | null) {
    const { [part]: _before, ...query } = route.query
    return router.replace({
      query: { ...query, ...(value === null || value === '' ? {} : { [part]: String(value) }) },
      hash: route.hash,
    })
  }
  return { route, router, leaves, set }
}
