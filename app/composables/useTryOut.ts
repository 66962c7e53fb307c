import { nanoid } from 'nanoid'
import * as z from 'zod'
import { mixedSeed } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import { sayProgress } from '#core/kernel/progress'
import { beforeOwn, botOf, botPlay, openTryOut } from '#core/trainer/tryOut'
import { addEntry } from '#core/kernel/tape'
import { BOT_NAMES } from '~/composables/useLearning'
import type { Rules } from '~/utils/houseRules'

/** How the person is called at their own table. */
const OWN_NAME = 'Skipper'
/** Milliseconds until a bot plays: on its turn, and where the person could play as well. */
const BEAT_MS = 1300
const GIVES_WAY_MS = 9000

/** What the tab keeps: what chance is drawn from, and the entries. */
const KEPT = z.object({ key: z.string().max(60), entries: z.array(z.unknown()).max(2000) })

interface Wished {
  readonly game: Game
  readonly houseRules: Readonly<Rules>
  readonly seats: number
  readonly key?: string | undefined
}

/** One match against bots, the app dealing. It is kept for this tab alone, and a reload goes on with it. */
export function useTryOut({ game, houseRules, seats, key }: Wished) {
  const players = [OWN_NAME, ...BOT_NAMES.slice(3)].slice(0, seats)
  const kept = useKeptInTab(`try-${game.id}-${JSON.stringify(houseRules)}`, KEPT, {
    key: key ?? mixedSeed(nanoid(10)),
    entries: [],
  })
  const open = () => openTryOut({ game, houseRules, players, key: kept.value.key, entries: kept.value.entries })
  const tape = shallowRef(open())
  function take(entry: unknown) {
    tape.value = addEntry(tape.value, entry)
    // What does not stand lies there still.
    if (tape.value.lines.at(-1)?.verdict.stands) desk.entry.value = null
    kept.value = { ...kept.value, entries: tape.value.lines.map(({ raw }) => raw) }
  }
  function begin(entries: readonly unknown[], anew?: string) {
    kept.value = { key: anew ?? kept.value.key, entries: [...entries] }
    tape.value = open()
  }

  const desk = useLocalDesk({
    tape: () => tape.value,
    seats: () => seatedAs(players),
    still: () => tape.value.state.result !== null,
    commit: take,
  })
  const last = computed(() => tape.value.lines.at(-1) ?? null)
  const round = computed(() => sayProgress(tape.value.table, tape.value.state))
  const prompts = computed(() => game.wording.prompts(tape.value.state.rules, last.value?.verdict.notes ?? []))

  // A bot that gives way begins to wait anew with whatever is entered.
  const bot = computed(() => botOf(tape.value))
  const wait = ref(BEAT_MS)
  const { start, stop } = useTimeoutFn(
    () => {
      const now = bot.value
      if (now && !desk.dealer.showing.value) take({ play: botPlay(tape.value, now.seat) })
    },
    wait,
    { immediate: false },
  )
  watch(
    [tape, desk.entry, desk.draft],
    () => {
      stop()
      if (!bot.value) return
      wait.value = bot.value.givesWay ? GIVES_WAY_MS : BEAT_MS
      start()
    },
    { immediate: true },
  )

  const before = computed(() => beforeOwn(tape.value))
  function takeBack() {
    if (before.value) begin(before.value)
    desk.entry.value = null
    desk.enter(null)
  }
  const again = () => begin([], mixedSeed(nanoid(10)))
  return { tape, desk, last, round, prompts, bot, before, takeBack, again }
}
