import { sayProgress } from '#core/kernel/progress'
import type { Desk } from '~/composables/useDesk'
import type { MatchStore } from '~/stores/match'

/** What the desk tells of the moment that it shows: how far it is, the newest entry, its sentence, what to ask the child. */
export function useShownMoment(store: MatchStore, review: Review, { still, judged, kept, silent }: Desk) {
  const { at, amending, pending, shown } = review
  /** Scores of another moment say so: those of then, or as they would be with what is being put right. */
  const told = computed(() => {
    if (amending.value !== null || at.value !== null) return 'then'
    return pending.value.length ? 'put right' : ''
  })
  const round = computed(() => (shown.value ? sayProgress(shown.value.table, shown.value.state) : ''))
  /** The newest entry that counts. */
  const last = computed(
    () => shown.value?.lines.findLast(({ struck, entry }) => !struck && entry.kind !== 'strike') ?? null,
  )
  const working = computed(() => {
    // What is still to be answered is not drawn either.
    if (kept.value) return null
    if (!judged.value && last.value && silent.value.has(last.value.number)) return null
    return judged.value?.verdict.working[0] ?? last.value?.verdict.working.at(-1) ?? null
  })
  const prompts = computed(() => {
    const now = store.tape
    if (!now || still.value || amending.value !== null) return []
    const fresh = now.lines.findLast((line) => line.verdict.stands && line.play && line.after === now.state)
    return now.table.game.wording.prompts(now.state.rules, fresh?.verdict.notes ?? [])
  })
  return { told, round, last, working, prompts }
}
