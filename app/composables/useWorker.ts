import type { Remote } from 'comlink'

/**
 * Heavy computation in a web worker of `make`: one question at a time, a newer one cancels the one before by ending
 * its worker. What is handed over must be plain data. `part` is how much of it is done (0 where none is under way),
 * `failed` whether the newest broke off.
 */
export function useWorker<T>(make: () => Worker) {
  const part = ref(0)
  const failed = ref(false)
  let worker: Worker | null = null
  let asked = 0

  /** Asks; `tell` goes to the worker, which calls it with the part that is done. Null where it was cancelled or failed. */
  async function ask<A>(question: (remote: Remote<T>, tell: (part: number) => void) => Promise<A>): Promise<A | null> {
    cancel()
    const mine = asked
    part.value = 0.01
    const told = (done: number) => {
      if (mine === asked) part.value = Math.min(0.99, done)
    }
    try {
      const { proxy, wrap } = await import('comlink')
      if (mine !== asked) return null
      worker = make()
      const answer = await question(wrap<T>(worker), proxy(told))
      return mine === asked ? answer : null
    } catch {
      if (mine === asked) failed.value = true
      return null
    } finally {
      if (mine === asked) end()
    }
  }

  function end() {
    worker?.terminate()
    worker = null
    asked++
    part.value = 0
  }

  function cancel() {
    failed.value = false
    end()
  }

  onBeforeUnmount(cancel)
  return { part, failed, ask, cancel }
}

/** Plain data, as a worker can be handed them: nothing reactive in it. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}
