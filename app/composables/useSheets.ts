/** The desk's sheets: one at a time. They are loaded when the first of them is asked for. */
export type SheetName =
  'more' | 'help' | 'ruling' | 'share' | 'finish' | 'agreed' | 'names' | 'relay' | 'helpers' | 'leave' | 'paper'

export function useSheets() {
  const sheet = ref<SheetName | null>(null)
  const asked = ref(false)
  watch(sheet, () => (asked.value = true))

  // The browser's Back closes what lies on top, as people expect; only with nothing open it leaves the match. When the
  // router asks, the browser stands at another place of its history already; a link touched leaves it where it is.
  const place = () => (history.state as { position?: number } | null)?.position
  let here: number | undefined
  onMounted(() => (here = place()))
  onBeforeRouteLeave(() => {
    if (sheet.value === null || place() === here) return true
    sheet.value = null
    return false
  })

  /** Whether one sheet is open, as its model. */
  const sheetOf = (name: SheetName) =>
    computed({
      get: () => sheet.value === name,
      set: (open) => (sheet.value = open ? name : sheet.value === name ? null : sheet.value),
    })

  return { sheet, asked, sheetOf }
}
