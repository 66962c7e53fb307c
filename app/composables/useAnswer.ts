/**
 * What the server answers to a question, asked as the component comes (once what is needed for it is there: `before`), by `load`,
 * and when `again` changes. The newest question counts. Null before the first answer; what was known stands until the next, and
 * where none comes: `failed` says why none did.
 */
export function useAnswer<T>(ask: () => Promise<T>, again?: Ref<unknown>, before?: () => Promise<unknown>) {
  // Every failure is told where it is looked for; nobody has to hear of it besides.
  const options = { immediate: false, resetOnExecute: false, onError: () => undefined }
  const { state: told, error, execute } = useAsyncState<T | null>(ask, null, options)
  const failed = computed(() => (error.value === undefined ? null : saysOf(error.value)))
  const load = () => execute()
  const begun = ref(false)
  onMounted(async () => {
    await before?.()
    begun.value = true
  })
  watch([begun, () => again?.value], () => begun.value && load())
  return { told, failed, load }
}
