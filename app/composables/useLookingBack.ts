/**
 * What is looked back on between moments that the room's own clocks tell: asked for once its time zone is known, and anew
 * where `query` changes. Null while it is on its way the first time.
 */
export function useLookingBack<T>(get: () => Promise<T>, query: Ref<string>) {
  const { load: ask } = useAccess()
  const told = shallowRef<T | null>(null)
  const failed = ref<string | null>(null)
  async function load() {
    failed.value = null
    try {
      told.value = await get()
    } catch (error) {
      failed.value = saysOf(error)
    }
  }
  onMounted(async () => {
    // Which day it is, and when it begins, only the room's time zone tells.
    await ask()
    await load()
    watch(query, load)
  })
  return { told, failed, load }
}
