import type { InjectionKey, Ref, WritableComputedRef } from 'vue'

const ENTRY: InjectionKey<Ref<unknown>> = Symbol('entry')
const TOUCHED: InjectionKey<Ref<unknown>> = Symbol('touched')

/** The desk's place for what is half entered; null when nothing is. */
export function provideEntry(entry: Ref<unknown>): void {
  provide(ENTRY, entry)
  provide(TOUCHED, shallowRef<unknown>(null))
}

/** What is half entered, shared by a game's table and pad. `fresh` is an entry with nothing in it yet. */
export function useEntry<T>(fresh: () => T): WritableComputedRef<T> {
  const entry = inject(ENTRY, () => shallowRef<unknown>(null), true)
  return computed({
    get: () => (entry.value as T | null) ?? fresh(),
    set: (value) => (entry.value = value),
  })
}

/** What was touched on the table, for the pad to take up; the pad sets it to null again. */
export function useTouched<T>(): Ref<T | null> {
  return inject(TOUCHED, () => shallowRef<unknown>(null), true) as Ref<T | null>
}
