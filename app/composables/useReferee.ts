import { nanoid } from 'nanoid'
import * as z from 'zod'
import { mixedSeed } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import { isRight, makeRound, wentOf } from '#core/trainer/round'
import { isOfSlip, slipsTold } from '#core/trainer/slips'
import { sayCame } from '#core/wording/index'

/** What this device remembers of a game: codes that were missed, and how many were right of how many. */
const COUNTS = z.record(
  z.string(),
  z.object({
    missed: z.array(z.string().max(60)).max(50),
    right: z.number().int().min(0),
    asked: z.number().int().min(0),
  }),
)
const NONE = { missed: [], right: 0, asked: 0 }

interface Answer {
  readonly stands: boolean
  readonly code: string | null
}

interface Refereed {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  /** What chance is drawn from, where the address names it: the same round again. */
  readonly key?: string | undefined
}

/** Seconds for ten plays: as quick as a table wants it. */
const TIME = 120

/** Seconds of a round: they pass while a play waits for its answer, not while the verdict on it is read. */
function useRoundTime(waits: () => boolean) {
  /** Whether a round ends when they are over; this device remembers it. */
  const timed = useKept('referee-timed', z.boolean(), true)
  const passed = ref(0)
  useIntervalFn(() => void (waits() && passed.value++), 1000)
  return {
    timed,
    passed,
    left: computed(() => Math.max(0, TIME - passed.value)),
    up: computed(() => timed.value && passed.value >= TIME),
    begin: () => void (passed.value = 0),
  }
}

/** Ten plays to be judged one after another: stands or not, and why; what was missed comes again in the next round. */
export function useReferee({ game, houseRules, players, key: keyAsked }: Refereed) {
  const counts = useKept('referee', COUNTS, {})
  const own = computed(() => counts.value[game.id] ?? NONE)
  const key = ref(keyAsked ?? mixedSeed(nanoid(10)))
  const missed = ref(own.value.missed)
  const questions = computed(() => makeRound({ game, houseRules, players, key: key.value, missed: missed.value }))
  const answers = ref<readonly Answer[]>([])
  /** Said not to stand, and still to say why. */
  const asking = ref(false)
  /** The verdict on the newest answer is shown. */
  const shown = ref(false)
  /** Every play is answered, or the two minutes are over: the play that lay there then may be answered still. */
  const over = ref(false)
  const at = computed(() => answers.value.length - (shown.value ? 1 : 0))
  const question = computed(() => (over.value ? null : (questions.value[at.value] ?? null)))
  const time = useRoundTime(() => !shown.value && !over.value)
  /** No other play follows this one. */
  const last = computed(() => time.up.value || at.value + 1 >= questions.value.length)
  const newest = computed(() => answers.value.at(-1) ?? null)
  const right = computed(
    () => question.value !== null && newest.value !== null && isRight(question.value, newest.value),
  )
  const went = computed(() => wentOf(questions.value, answers.value))

  function answer(given: Answer) {
    if (shown.value || over.value) return
    answers.value = [...answers.value, given]
    asking.value = false
    shown.value = true
  }
  function says(stands: boolean) {
    if (shown.value || !question.value) return
    // Where nothing else can be thought of the reason need not be said.
    if (stands || question.value.reasons.length < 2) answer({ stands, code: null })
    else asking.value = true
  }
  function next() {
    if (!shown.value) return
    over.value = last.value
    shown.value = false
    if (!over.value) return
    const { right: so, missed: again } = went.value
    const { asked, right: before } = own.value
    counts.value = {
      ...counts.value,
      [game.id]: { missed: [...again], right: before + so, asked: asked + answers.value.length },
    }
  }
  function again() {
    missed.value = own.value.missed
    key.value = mixedSeed(nanoid(10))
    answers.value = []
    time.begin()
    over.value = shown.value = asking.value = false
  }
  const told = computed(() => (question.value ? sayTold(question.value) : ''))
  const { lookOut, usual } = useMissed(game, questions, () => went.value.missed)
  return {
    ...{ questions, question, at, asking, shown, over, last, right, time, answers },
    ...{ own, went, told, usual, lookOut },
    ...{ says, answer, next, again },
  }
}

/** What was missed: the judge's sentences once each, and the game's usual slips among them. */
function useMissed(
  game: Game,
  questions: Readonly<Ref<ReturnType<typeof makeRound>>>,
  missed: () => readonly string[],
) {
  const lookOut = computed(() =>
    missed().flatMap((code) => {
      const found = questions.value.find((each) => each.code === code)
      return found?.why ? [found.why] : []
    }),
  )
  // What only hands do is told by the slip itself.
  const usual = computed(() => slipsTold(game, missed()).filter((slip) => !lookOut.value.includes(slip)))
  return { lookOut, usual }
}

/** What is right of a play, in words; of a slip made on purpose what the judge says too. */
function sayTold({ before, played, code, why }: ReturnType<typeof makeRound>[number]): string {
  const came = () => (played ? sayCame(before.table, { verdict: played.verdict, before: before.state }) : '')
  if (why === null) return came()
  return code !== null && isOfSlip(code) ? `${why} ${came()}`.trim() : why
}
