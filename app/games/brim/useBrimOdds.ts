import { wrap, type Remote } from 'comlink'
import type { Choice } from '#core/games/brim/odds'
import type { BrimRules, BrimState } from '#core/games/brim/rules'
import type { BrimOddsWorker } from '~/workers/brimOdds'

/** Asks a worker for the exact odds; a newer question cancels the one before by ending its worker. */
export function useBrimOdds() {
  const busy = ref(false)
  let worker: Worker | null = null
  let remote: Remote<BrimOddsWorker> | null = null
  let asked = 0

  async function ask(rules: BrimRules, state: BrimState): Promise<Choice[] | null> {
    if (busy.value) cancel()
    if (!worker) {
      worker = new Worker(new URL('../../workers/brimOdds.ts', import.meta.url), { type: 'module' })
      remote = wrap<BrimOddsWorker>(worker)
    }
    const mine = ++asked
    busy.value = true
    const found = await remote!.choices({ ...toRaw(rules) }, JSON.parse(JSON.stringify(state)) as BrimState)
    if (mine !== asked) return null
    busy.value = false
    return found
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
