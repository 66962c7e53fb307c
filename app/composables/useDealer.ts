import type { InjectionKey } from 'vue'
import { dealFor } from '#core/dealer'
import type { BasePlay } from '#core/plays'
import type { Tape } from '#core/tape'

/** The simulated dealer at the desk: what it brings is shown unhurriedly, then handed over. */
function makeDealer(tape: () => Tape | null, offer: (play: BasePlay) => void) {
  /** What is being shown before it is handed over. */
  const showing = shallowRef<BasePlay | null>(null)

  const dealt = computed(() => tape()?.table.source === 'dealt')

  let then = offer

  /**
   * Fulfils a wish; nothing happens while the last one is still being shown. What came is handed to `use`: recorded,
   * unless the player has still to decide something on it.
   */
  function deal(wish: object = {}, use: (play: BasePlay) => void = offer) {
    const now = tape()
    if (!now || showing.value) return
    then = use
    showing.value = dealFor(now.table, now.state, wish)
  }

  /** The showing is over, or was skipped. */
  function done() {
    const play = showing.value
    showing.value = null
    if (play) then(play)
  }

  return { dealt, showing, deal, done }
}

export type Dealer = ReturnType<typeof makeDealer>

const DEALER: InjectionKey<Dealer> = Symbol('dealer')

/** The desk's dealer, for its pads. */
export function provideDealer(tape: () => Tape | null, offer: (play: BasePlay) => void): Dealer {
  const dealer = makeDealer(tape, offer)
  provide(DEALER, dealer)
  return dealer
}

/** The dealer of the desk that this pad belongs to. */
export function useDealer(): Dealer {
  return inject(DEALER)!
}
