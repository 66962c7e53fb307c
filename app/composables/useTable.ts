import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import type { Tape } from '#core/kernel/tape'

/** Rules and state of a match of `game`, typed as that game's own. Without `tape` it is the desk's. */
export function useTable<R extends CommonRules, O, P extends BasePlay, S>(_game: Game<R, O, P, S>, tape?: () => Tape) {
  const desk = tape ? null : useDesk()
  const now = computed(() => (tape ? tape() : desk!.tape.value!))
  return {
    tape: now,
    rules: computed(() => now.value.state.rules as R),
    state: computed(() => now.value.state.game as S),
    /** The state before the first entry. */
    opened: computed(() => now.value.opened.game as S),
  }
}

/** A state that a line of the tape holds, typed as that of `game`. */
export function stateIn<R extends CommonRules, O, P extends BasePlay, S>(
  _game: Game<R, O, P, S>,
  state: { readonly game: unknown },
): S {
  return state.game as S
}

/** The plays on a tape that stand and count, with rules and states around them typed as those of `game`. */
export function countedPlays<R extends CommonRules, O, P extends BasePlay, S>(_game: Game<R, O, P, S>, tape: Tape) {
  return tape.lines.flatMap(({ number, play, verdict, struck, before, after }) =>
    play && verdict.stands && !struck
      ? [
          {
            number,
            play: play as P,
            verdict,
            rules: before.rules as R,
            before: before.game as S,
            after: after.game as S,
          },
        ]
      : [],
  )
}
