import type * as z from 'zod'

/**
 * What this device remembers, read by its shape: what an older version or somebody's hand left there that doesn't fit is
 * as good as nothing, and `initial` stands instead.
 */
export function useKept<T>(key: string, shape: z.ZodType<T>, initial: T) {
  return useLocalStorage<T>(key, initial, keptAs(shape, initial))
}

/** The same for as long as this tab is open. */
export function useKeptInTab<T>(key: string, shape: z.ZodType<T>, initial: T) {
  return useSessionStorage<T>(key, initial, keptAs(shape, initial))
}

const keptAs = <T>(shape: z.ZodType<T>, initial: T) => ({
  serializer: {
    read: (raw: string) => readKept(raw, shape) ?? initial,
    write: (value: T) => JSON.stringify(value),
  },
})
