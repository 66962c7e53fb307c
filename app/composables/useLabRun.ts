import { wrap, type Remote } from 'comlink'
import { addAnswers, noAnswer, type LabAnswer, type LabQuestion } from '#core/lab/run'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** Milliseconds that one worker plays before it tells: charts grow, and nobody waits long for a pause. */
const PIECE_MS = 250
/** Milliseconds between two pictures of what came so far. */
const SHOWN_MS = 200

/** The workers, one for each core but the page's own, two at least. */
function makeCrew() {
  let workers: Worker[] = []
  function dismiss() {
    for (const worker of workers) worker.terminate()
    workers = []
  }
  function gather(): Remote<Bots>[] {
    const many = Math.max(2, (navigator.hardwareConcurrency || 2) - 1)
    while (workers.length < many) workers.push(startBots())
    return workers.map((worker) => wrap<Bots>(worker))
  }
  return { gather, dismiss }
}

/** Matches for a worker's next piece, by how long its last one of `size` took. */
const nextSize = (size: number, ms: number) =>
  Math.max(1, Math.min(5000, Math.round((size * PIECE_MS) / Math.max(1, ms))))

/**
 * Many matches in web workers. Which worker plays which matches makes no difference to the numbers. Can be paused, gone on
 * with and cancelled; what came by then stays.
 */
export function useLabRun() {
  const answer = shallowRef<LabAnswer | null>(null)
  const asked = shallowRef<{ readonly question: LabQuestion; readonly matches: number } | null>(null)
  const done = ref(0)
  const state = ref<'idle' | 'running' | 'paused' | 'done'>('idle')
  const failed = ref<string | null>(null)
  /** Milliseconds that the run took so far, pauses left out. */
  const spent = ref(0)
  const crew = makeCrew()
  let run = 0
  let [next, sum, shownAt, began] = [0, null as LabAnswer | null, 0, 0]

  function stop() {
    run++
    crew.dismiss()
  }
  onBeforeUnmount(stop)

  function start(question: LabQuestion, matches: number) {
    stop()
    asked.value = { question, matches }
    sum = noAnswer(question)
    answer.value = null
    ;[next, done.value, spent.value, shownAt] = [0, 0, 0, 0]
    failed.value = null
    goOn()
  }

  function goOn() {
    if (!asked.value || next >= asked.value.matches) return
    state.value = 'running'
    began = performance.now() - spent.value
    const mine = ++run
    for (const remote of crew.gather()) void work(mine, remote)
  }

  /** One worker, piece after piece, until nothing is left or the run is another one. A piece under way when it is paused still counts. */
  async function work(mine: number, remote: Remote<Bots>) {
    const { question, matches } = asked.value!
    let size = 4
    try {
      while (mine === run && state.value === 'running' && next < matches) {
        const from = next
        const to = (next = Math.min(matches, next + size))
        const at = performance.now()
        const piece = await remote.run(question, from, to)
        if (asked.value?.question !== question || !sum) return
        size = nextSize(size, performance.now() - at)
        sum = addAnswers(sum, piece)
        done.value += to - from
        if (state.value === 'running') spent.value = performance.now() - began
        if (done.value >= matches) finish()
        else if (performance.now() - shownAt > SHOWN_MS) show()
      }
    } catch {
      if (mine !== run) return
      failed.value = 'The lab broke off: a worker ended. Run it again.'
      finish()
    }
  }

  function show() {
    shownAt = performance.now()
    answer.value = sum
  }
  /** Ends it, at its end or before; what came so far is kept. */
  function finish() {
    stop()
    show()
    state.value = done.value ? 'done' : 'idle'
  }
  const pause = () => void (state.value === 'running' && (state.value = 'paused'))
  /** Milliseconds still to come, by the pace so far. */
  const left = computed(() =>
    asked.value && done.value ? (spent.value / done.value) * (asked.value.matches - done.value) : null,
  )
  return { answer, asked, done, state, failed, left, start, goOn, pause, cancel: finish }
}
