import type { Ref, WritableComputedRef } from 'vue'

/** What is half entered, shared by a game's table and pad. `fresh` is an entry with nothing in it yet. */
export function useEntry<T>(fresh: () => T): WritableComputedRef<T> {
  const { entry, byHand } = useDesk()
  return computed({
    get: () => (entry.value as T | null) ?? fresh(),
    set: (value) => {
      byHand.value = true
      entry.value = value
    },
  })
}

/** What was touched on the table, for the pad to take up; the pad sets it to null again. */
export function useTouched<T>(): Ref<T | null> {
  return useDesk().touched as Ref<T | null>
}
