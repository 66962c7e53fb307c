import type { MatchStore } from '~/stores/match'

/** Leaving a match whose clock runs asks once what becomes of the clock: it would run on unseen. */
export function useLeavingMatch(store: MatchStore, { sheet }: ReturnType<typeof useSheets>, helping: Ref<boolean>) {
  const asked = useSessionStorage(`leave-asked-${store.$id}`, false)
  /** Where somebody is going who was asked. */
  let to: string | null = null
  onBeforeRouteLeave(({ fullPath }) => {
    const state = store.tape?.state
    const runs = state && store.clock.since !== null && !state.result && state.rules.minutes !== null
    if (!runs || helping.value || asked.value || sheet.value !== null) return true
    asked.value = true
    to = fullPath
    sheet.value = 'leave'
    return false
  })
  async function go() {
    sheet.value = null
    if (to) await navigateTo(to)
  }
  return { go }
}
