import { nanoid } from 'nanoid'
import * as z from 'zod'
import { mixedSeed } from '#core/basics/random'
import { drawBoard } from '#core/board/board'
import type { Game } from '#core/contract/game'
import { watchedTapes } from '#core/trainer/watched'
import { sayEntry } from '#core/wording/index'
import type { ShownBoard } from '#shared/api'
import { BOT_NAMES } from '~/composables/useLearning'

/** Seconds that each beat is shown. */
export const PACES = { slow: 8, even: 5, quick: 2 } as const

/** What is shown of a match of bots: its board, without anything that only a server knows. */
export function boardOfTape(tape: ReturnType<typeof watchedTapes>[number]): ShownBoard {
  const seats = tape.table.players.map((name, i) => ({ name, pennant: i + 1 }))
  return { ...drawBoard(tape, seats), help: null, asked: null }
}

interface Wished {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly seats: Readonly<Ref<number>>
  /** What chance is drawn from, where the address names it: the same match again. */
  readonly key?: string | undefined
}

/** A match that plays itself in two beats a play: it is announced, then worked out. */
export function useWatch({ game, houseRules, seats, key: keyAsked }: Wished) {
  const slips = useKept('watch-slips', z.boolean(), false)
  const pace = useKept('watch-pace', z.literal(Object.values(PACES)), PACES.even)
  const key = ref(keyAsked ?? mixedSeed(nanoid(10)))
  const tapes = computed(() =>
    watchedTapes({
      ...{ game, houseRules, slips: slips.value, key: key.value },
      players: BOT_NAMES.slice(0, seats.value),
    }),
  )
  /** Which beat is shown: before the first play, then two a play. */
  const beat = ref(0)
  const last = computed(() => 2 * (tapes.value.length - 1))
  const playing = ref(true)
  const worked = computed(() => beat.value % 2 === 0)
  /** The play that is told, and whether its verdict is; null before the first. */
  const line = computed(() => tapes.value[Math.ceil(beat.value / 2)]?.lines.at(-1) ?? null)
  /** What lies there: before a play while it is announced, after it once it is worked out. */
  const tape = computed(() => tapes.value[Math.floor(beat.value / 2)]!)
  const board = computed(() => boardOfTape(tape.value))
  const says = computed(() => (line.value ? `${sayEntry(tape.value.table, line.value)}.` : null))
  const over = computed(() => beat.value >= last.value)

  function go(by: number) {
    beat.value = Math.max(0, Math.min(last.value, beat.value + by))
    if (over.value) playing.value = false
  }
  function another() {
    key.value = mixedSeed(nanoid(10))
    beat.value = 0
    playing.value = true
  }
  watch([slips, seats], another)
  const { pause, resume } = useIntervalFn(
    () => go(1),
    () => 1000 * pace.value,
    { immediate: false },
  )
  watch(playing, (now) => (now ? resume() : pause()), { immediate: true })
  /** Somebody called that it is wrong: whether it was; null where nobody did. */
  const seen = ref<boolean | null>(null)
  watch(beat, () => worked.value || (seen.value = null))
  function callWrong() {
    if (worked.value || !line.value) return
    seen.value = !line.value.verdict.stands
    step(1)
  }
  /** A step by hand: what plays by itself stops there. */
  function step(by: number) {
    playing.value = false
    go(by)
  }
  return { slips, pace, board, line, says, worked, playing, over, beat, step, another, tape, seen, callWrong }
}
