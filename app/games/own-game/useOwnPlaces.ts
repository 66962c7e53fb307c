import type { OwnRules } from '#core/games/own-game/houseRules'
import type { OwnState } from '#core/games/own-game/state'

/** A track, where everybody stands, and who they are. */
export interface OwnPicture {
  readonly rules: OwnRules
  readonly state: OwnState
  readonly seats: readonly { readonly name: string; readonly pennant: number }[]
}

/** The places of a track however it is drawn: what they give, what is special there, and who stands there. */
export function useOwnPlaces(picture: () => OwnPicture) {
  const places = computed(() => {
    const { track } = picture().rules
    return track ? Array.from({ length: track.to - track.from + 1 }, (_, i) => track.from + i) : []
  })
  const gives = (place: number) => {
    const { track } = picture().rules
    return track?.gives?.[place - track.from] ?? 0
  }
  /** Points given, with their sign. */
  const signed = (place: number) => `${gives(place) > 0 ? '+' : ''}${minus(gives(place))}`
  /** What happens on a place; undefined where nothing does. Of several the last is told. */
  const special = (place: number) =>
    picture().rules.specials.findLast(({ when }) => when.is === 'on' && when.n === place)?.then
  /** The same in short: on to another one, points, or something else. */
  const inShort = (place: number) => {
    const then = special(place)
    return then && (then.do === 'go-to' ? `→ ${minus(then.n)}` : then.do === 'points' ? minus(then.n) : '!')
  }
  const here = (place: number) => picture().seats.filter((_, i) => picture().state.places[i] === place)
  return { places, gives, signed, special, inShort, here }
}
