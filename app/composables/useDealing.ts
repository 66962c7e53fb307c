import type { CommonRules } from '#core/contract/commonRules'
import type { Dealt, Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'

/** One kind of play of a game. */
type PlayOf<P extends BasePlay, K extends P['do']> = Extract<P, { readonly do: K }>

/** The simulated dealer, for a pad of `game`: wishes and what comes for them are typed as that game's own plays. */
export function useDealing<R extends CommonRules, O, P extends BasePlay, S>(_game: Game<R, O, P, S>) {
  const { dealer } = useDesk()

  /**
   * Fulfils a wish: a play without the chance in it. What came is handed to `use`; recorded where it is left out. The
   * dealer brings nothing but what belongs to the play that was wished for.
   */
  function bring<K extends P['do']>(
    wish: { readonly do: K } & Partial<PlayOf<P, K>>,
    use?: (play: PlayOf<P, K>, dealt: Dealt) => void,
  ) {
    dealer.deal(wish, use && ((play, dealt) => use(play as PlayOf<P, K>, dealt)))
  }
  return { dealt: dealer.dealt, bring }
}
