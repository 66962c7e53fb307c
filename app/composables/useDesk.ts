import { judgePlay, type Judged } from '#core/match'
import type { BasePlay } from '#core/plays'
import type { Tape } from '#core/tape'
import { isOverrulable } from '#core/verdict'
import { sayNote, sayReason, speaking } from '#core/wording/index'

/** A play on its way to the tape; `overrule` says why it is let stand. */
export interface Offer {
  readonly play: BasePlay
  readonly overrule?: string
}

/**
 * What is being entered at `tape` (the match as it stands, or as it stood), the live verdict on it, and handing it
 * over to `commit`.
 */
export function useDesk(tape: () => Tape | null, commit: (offer: Offer) => void) {
  const draft = shallowRef<BasePlay | null>(null)

  const judged = computed<Judged | null>(() => {
    const now = tape()
    return now && draft.value ? judgePlay(now.table, now.state, draft.value) : null
  })

  /** The live verdict in words; null while nothing is being entered. */
  const says = computed(() => {
    const now = tape()
    if (!now || !judged.value) return null
    const say = speaking(now.table.players)
    const { verdict } = judged.value
    if (verdict.reason) return sayReason(now.table.game, verdict.reason, say)
    return verdict.notes.map((note) => sayNote(now.table.game, note, say)).join(' ')
  })

  const overrulable = computed(() => isOverrulable(judged.value?.verdict.reason ?? null))

  /** Hands over what is entered as it is, standing or not. */
  function record(overrule?: string) {
    const play = draft.value
    if (!play) return
    draft.value = null
    commit(overrule === undefined ? { play } : { play, overrule })
  }

  /** What is being entered now: the live verdict is about this. */
  function enter(play: BasePlay | null) {
    draft.value = play
  }

  /** Hands over a play that stands; one that doesn't stays before the referee with its verdict. */
  function offer(play: BasePlay) {
    const now = tape()
    if (!now) return
    draft.value = play
    if (judgePlay(now.table, now.state, play).verdict.stands) record()
  }

  return { draft, judged, says, overrulable, enter, record, offer }
}

export type Desk = ReturnType<typeof useDesk>
