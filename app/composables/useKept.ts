import type * as z from 'zod'

/**
 * What this device remembers, read by its shape: what an older version or somebody's hand left there that doesn't fit is
 * as good as nothing, and `initial` stands instead.
 */
export function useKept<T>(key: string, shape: z.ZodType<T>, initial: T) {
  return useLocalStorage<T>(key, initial, {
    serializer: { read: (raw) => readKept(raw, shape) ?? initial, write: (value) => JSON.stringify(value) },
  })
}
