/** Lets others have their turn: PGlite answers, and the core judges, without ever leaving this thread to them. */
export const yieldLoop = () => new Promise<void>((resolve) => setImmediate(resolve))

/** Goes through something that is done in pieces, and lets others have their turn after each. */
export async function inSlices<T>(pieces: Generator<void, T>): Promise<T> {
  for (;;) {
    const { done, value } = pieces.next()
    if (done) return value
    await yieldLoop()
  }
}
