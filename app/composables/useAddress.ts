/** Parts of the address in which a page keeps what was chosen; `leaves` once somebody is on the way to another page. */
export function useAddress() {
  const route = useRoute()
  const router = useRouter()
  const leaves = ref(false)
  onBeforeRouteLeave(() => void (leaves.value = true))

  /** Sets parts, or takes those out that are empty. */
  function setAll(parts: Readonly<Record<string, string | number | null>>) {
    const all = Object.entries({ ...route.query, ...parts }).filter(([, value]) => value !== null && value !== '')
    const query = Object.fromEntries(all.map(([part, value]) => [part, String(value)]))
    return router.replace({ query, hash: route.hash })
  }
  const set = (part: string, value: string | number | null) => setAll({ [part]: value })
  return { route, router, leaves, set, setAll }
}
