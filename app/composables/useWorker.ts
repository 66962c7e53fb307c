import { wrap, type Remote } from 'comlink'

/**
 * Heavy computation in a web worker of `make`: one question at a time, a newer one cancels the one before by ending
 * its worker. What is handed over must be plain data.
 */
export function useWorker<T>(make: () => Worker) {
  const busy = ref(false)
  let worker: Worker | null = null
  let asked = 0

  /** Asks; null where it was cancelled before the answer came. */
  async function ask<A>(question: (remote: Remote<T>) => Promise<A>): Promise<A | null> {
    cancel()
    const mine = asked
    worker = make()
    busy.value = true
    try {
      const answer = await question(wrap<T>(worker))
      return mine === asked ? answer : null
    } finally {
      if (mine === asked) cancel()
    }
  }

  function cancel() {
    worker?.terminate()
    worker = null
    asked++
    busy.value = false
  }

  onBeforeUnmount(cancel)
  return { busy, ask, cancel }
}

/** Plain data, as a worker can be handed them: nothing reactive in it. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}
