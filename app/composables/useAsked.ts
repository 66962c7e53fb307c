import type { Tape } from '#core/kernel/tape'

/** Whether an aid was asked for: it shows itself on request only, and what it showed is gone with the next change of the match. */
export function useAsked(tape: () => Tape): Ref<boolean> {
  const asked = ref(false)
  watch(
    () => tape().state,
    () => (asked.value = false),
  )
  return asked
}
