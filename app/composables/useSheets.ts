/** The desk's sheets: one at a time. They are loaded when the first of them is asked for. */
export type SheetName = 'more' | 'help' | 'ruling' | 'share' | 'finish' | 'agreed' | 'names' | 'relay' | 'helpers'

export function useSheets() {
  const sheet = ref<SheetName | null>(null)
  const asked = ref(false)
  watch(sheet, () => (asked.value = true))

  /** Whether one sheet is open, as its model. */
  const sheetOf = (name: SheetName) =>
    computed({ get: () => sheet.value === name, set: (open) => (sheet.value = open ? name : sheet.value === name ? null : sheet.value) })

  return { sheet, asked, sheetOf }
}
