/** Does one thing at a time, once however often it is asked for, and says why where it fails. */
export function useDoing() {
  const busy = ref(false)
  const failed = ref<string | null>(null)
  async function doing(what: () => Promise<unknown>) {
    if (busy.value) return
    busy.value = true
    failed.value = null
    try {
      await what()
    } catch (error) {
      failed.value = saysOf(error)
    } finally {
      busy.value = false
    }
  }
  return { busy, failed, doing }
}
