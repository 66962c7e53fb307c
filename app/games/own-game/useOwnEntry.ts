import { bringsOf } from '#core/games/own-game/houseRules'
import { ownGame } from '#core/games/own-game/index'
import type { OwnPlay, Throw } from '#core/games/own-game/rules'

/** A throw half entered. */
interface OwnEntry {
  readonly numbers: readonly number[]
  /** The way that was chosen, from 1; null where none was. */
  readonly way: number | null
  /** Digits in the order in which they were touched: their places among the numbers, from 0. */
  readonly order: readonly number[]
  readonly calculation: string
}

const NOTHING: OwnEntry = { numbers: [], way: null, order: [], calculation: '' }

/** The places of the digits that make a number, zeros in front among them. */
function orderOf(numbers: readonly number[], number: number): number[] {
  const free = numbers.map((digit, place) => ({ digit, place }))
  return [...String(number).padStart(numbers.length, '0')].flatMap((figure) => {
    const at = free.findIndex(({ digit }) => String(digit) === figure)
    return at < 0 ? [] : free.splice(at, 1).map(({ place }) => place)
  })
}

/** What the pad holds of a play. */
export function entryOf(play: OwnPlay): OwnEntry {
  if (play.do === 'stop') return NOTHING
  const { numbers, way = null, number, calculation = '' } = play
  return { numbers, way, order: number === undefined ? [] : orderOf(numbers, number), calculation }
}

/** What table and pad of an own game share: what was thrown, how it is used, and the play that this makes. */
export function useOwnEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(ownGame)
  const entry = useEntry<OwnEntry>(() => NOTHING)
  const expected = computed(() => bringsOf(rules.value))
  const thrown = computed(() => entry.value.numbers.length === expected.value)
  const way = computed(() => (rules.value.ways.length === 1 ? 1 : entry.value.way))
  const makes = computed(() => (way.value === null ? null : (rules.value.ways[way.value - 1]?.makes ?? null)))
  const number = computed(() => Number(entry.value.order.map((place) => entry.value.numbers[place]).join('')))

  const play = computed<Throw | null>(() => {
    const { numbers, order, calculation } = entry.value
    if (!thrown.value || !makes.value) return null
    if (makes.value === 'number' && order.length < numbers.length) return null
    if (makes.value === 'calculation' && !calculation.trim()) return null
    return {
      do: 'throw',
      by: seat.value,
      numbers: [...numbers],
      ...(rules.value.ways.length > 1 && way.value !== null ? { way: way.value } : {}),
      ...(makes.value === 'number' ? { number: number.value } : {}),
      ...(makes.value === 'calculation' ? { calculation: calculation.trim() } : {}),
    }
  })

  const put = (changes: Partial<OwnEntry>) => (entry.value = { ...entry.value, ...changes })
  const setNumbers = (numbers: readonly number[]) => put({ numbers, order: [], calculation: '' })
  function add(face: number) {
    if (!thrown.value) setNumbers([...entry.value.numbers, face])
  }
  const remove = (at: number) => setNumbers(entry.value.numbers.filter((_, i) => i !== at))
  function back() {
    const { numbers, way: chosen, order, calculation } = entry.value
    if (calculation) put({ calculation: calculation.slice(0, -1) })
    else if (order.length) put({ order: order.slice(0, -1) })
    else if (chosen !== null) put({ way: null })
    else setNumbers(numbers.slice(0, -1))
  }
  return { entry, rules, state, expected, thrown, way, makes, play, put, setNumbers, add, remove, back }
}
