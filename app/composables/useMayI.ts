import type { BasePlay } from '#core/contract/plays'
import type { Entered, Situation } from '#core/contract/situation'
import type { Game } from '#core/contract/game'
import { judgePlay } from '#core/kernel/match'
import { openSituation, restsOn, sayJudged, seatsAsked, whatStands } from '#core/trainer/situation'
import { sayPlay } from '#core/wording/index'
import { BOT_NAMES } from '~/composables/useLearning'
import { rulesIn, type Rules } from '~/utils/houseRules'

interface Wished {
  readonly game: Game
  readonly situation: Situation
  readonly rules: Readonly<Ref<Rules>>
  /** What lies there, as it was entered last. */
  readonly entered: Ref<Entered>
  /** The play that was asked about; null before any was. */
  readonly play: Ref<BasePlay | null>
}

/** A question to the judge without a match: what lies there, what somebody wants to play, and what the rules say. */
export function useMayI({ game, situation, rules, entered, play }: Wished) {
  const players = BOT_NAMES.slice(0, seatsAsked(game))
  const opened = computed(() =>
    openSituation({ game, situation, houseRules: rules.value, players, entered: entered.value }),
  )
  const tape = computed(() => (opened.value.ok ? opened.value.tape : null))
  const seats = seatedAs(players)
  const desk = useLocalDesk({
    ...{ tape: () => tape.value, seats: () => seats, still: () => false },
    commit: (offer) => (play.value = offer.play),
  })
  /** What is being entered is asked about; else what was handed over last. */
  watch(desk.draft, (draft) => draft && (play.value = null))
  const asked = computed(() => desk.draft.value ?? play.value)
  const answer = computed(() => {
    const [now, wished] = [tape.value, asked.value]
    if (!now || !wished) return null
    const { table, state } = now
    const { verdict } = judgePlay(table, state, wished)
    const { reason } = verdict
    return {
      verdict,
      asks: sayPlay(table, wished, state),
      says: sayJudged(now, verdict) || 'It stands.',
      rests: reason ? restsOn(game, situation, { rules: state.rules, seats: players.length }, reason.code) : null,
    }
  })
  /** Whether what stands is told, only when asked. */
  const listing = ref(false)
  const standing = computed(() =>
    listing.value && tape.value ? whatStands(tape.value, desk.seat.value, asked.value) : null,
  )
  function clear() {
    desk.entry.value = null
    desk.enter(null)
    play.value = null
  }
  return { opened, tape, seats, desk, answer, listing, standing, clear }
}

/** A situation as an address holds it: rules, what lies there, and the play asked about. */
export function situationIn(query: Readonly<Record<string, unknown>>) {
  const play = rulesIn(query.play)
  return {
    rules: rulesIn(query.rules) ?? {},
    entered: (rulesIn(query.at) ?? {}) as Entered,
    play: play && typeof play.do === 'string' ? (play as unknown as BasePlay) : null,
  }
}
