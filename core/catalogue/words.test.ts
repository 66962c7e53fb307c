import { findGames, NO_WISH } from '#core/catalogue/find'
import { readSpoken } from '#core/catalogue/spoken'
import { ABOUTS } from '#core/games/abouts'

const fits = (text: string) => findGames(ABOUTS, { ...NO_WISH, text })
const found = (text: string) => fits(text).map(({ id }) => id)

/** What people type: some that must be among what is found, and some that must not. */
const WORDS: readonly (readonly [text: string, some: readonly string[], none?: readonly string[]])[] = [
  ['solitaire', ['roof-tiles', 'last-digit-chains', 'brim'], ['call-row', 'top-total', 'ask-for-rest']],
  ['alone', ['roof-tiles', 'last-digit-chains'], ['call-row', 'exact-landing']],
  ['by myself', ['roof-tiles'], ['call-row']],
  ['solo', ['roof-tiles'], ['call-row']],
  ['one player', ['brim'], ['call-row']],
  ['race', ['table-ladder', 'call-row', 'say-it-first'], ['column-keeper', 'covered-part']],
  ['first to', ['say-it-first'], ['covered-part']],
  ['together', ['roof-tiles', 'call-row', 'say-it-first'], ['brim', 'covered-part']],
  ['at the same time', ['roof-tiles'], ['brim']],
  ['whole class', ['roof-tiles', 'say-it-first'], ['brim']],
  ['kindergarten', ['fill-in-order'], ['place-strike', 'last-digit-chains']],
  ['preschool', [], ['place-strike', 'table-ladder']],
  ['grade 2', ['table-ladder', 'roof-tiles'], []],
  ['first grade', ['ask-for-rest', 'say-it-first'], ['place-strike']],
  ['2nd grade addition', ['top-total'], ['place-strike']],
  ['year 3', ['table-ladder'], []],
  ['warm-up', ['say-it-first'], []],
  ['quick', ['say-it-first'], []],
  ['fluency', ['top-total', 'say-it-first', 'table-ladder'], ['fill-in-order']],
  ['equation', ['call-row'], ['fill-in-order']],
  ['doubles', ['top-total'], ['fill-in-order']],
  ['near doubles', ['top-total'], []],
  ['fact families', ['covered-part'], ['fill-in-order']],
  ['sums to 20', ['top-total'], ['fill-in-order']],
  ['greater than', ['top-total'], ['ask-for-rest']],
  ['less than', ['top-total'], []],
  ['mental math', ['brim', 'ten-turn-haul'], ['fill-in-order']],
  ['abacus', ['ten-turn-haul'], ['ask-for-rest']],
  ['friends of ten', ['ask-for-rest', 'roof-tiles'], ['place-strike']],
  ['number bonds', ['ask-for-rest'], ['place-strike']],
  ['make ten', ['turn-two'], ['place-strike']],
  ['times tables', ['table-ladder'], ['ask-for-rest']],
  ['multiplication', ['table-ladder', 'top-total'], ['ask-for-rest']],
  ['arrays', ['table-ladder'], ['ask-for-rest']],
  ['place value', ['place-strike', 'column-keeper'], ['ask-for-rest']],
  ['expanded form', ['place-strike'], ['brim']],
  ['hundreds', ['hundred-stops'], ['ask-for-rest']],
  ['negative numbers', ['exact-landing'], ['brim']],
  ['below zero', ['exact-landing', 'ebb-and-flow'], ['brim']],
  ['integers', ['exact-landing'], ['brim']],
  ['odd and even', ['ebb-and-flow'], ['brim']],
  ['subtraction', ['exact-landing'], ['brim']],
  ['probability', ['brim'], ['ask-for-rest']],
  ['strategy', ['roof-tiles'], []],
  ['memory', ['turn-two'], ['brim']],
  ['sequence', ['fill-in-order'], ['brim']],
  ['counting', ['step-and-gather'], []],
  ['multiples', ['skip-count-yard'], ['ask-for-rest']],
  ['skip counting', ['skip-count-yard', 'table-ladder'], ['ask-for-rest']],
  ['carrying', ['column-keeper'], ['ask-for-rest']],
  ['number line', ['exact-landing'], ['brim']],
  ['dominoes', ['covered-part'], ['brim']],
  ['spinner', ['ten-turn-haul'], ['brim']],
  ['dice', ['brim', 'top-total'], ['ask-for-rest']],
  ['missing addend', ['covered-part'], ['place-strike']],
  ['number talks', ['say-it-first'], []],
  ['freinds of ten', ['ask-for-rest'], ['place-strike']],
  ['mulitplication', ['table-ladder'], ['ask-for-rest']],
  ['subtracton', ['exact-landing'], []],
  ['solitaire make ten', ['roof-tiles'], ['ask-for-rest']],
  ['race times tables', ['table-ladder'], ['exact-landing']],
]

test.each(WORDS.map(([text, some, none = []]) => [text, some, none] as const))('“%s” finds %j', (text, some, none) => {
  const ids: readonly string[] = found(text)
  expect(some.filter((id) => !ids.includes(id))).toEqual([])
  expect(none.filter((id) => ids.includes(id))).toEqual([])
  expect(fits(text).some(({ near }) => near)).toBe(false)
})

test.each(['candy', 'money', 'coins', 'timer', 'submarine', 'football', 'spelling', 'clock faces'])(
  '“%s” finds nothing',
  (text) => expect(found(text)).toEqual([]),
)

test('where nothing fits all of it, what comes nearest is said to be so', () => {
  const near = fits('probability with dominoes')
  expect(near.length).toBeGreaterThan(0)
  expect(near.every((fit) => fit.near)).toBe(true)
  expect(near.map(({ id }) => id)).toEqual(expect.arrayContaining(['brim', 'covered-part']))
})

test.each([
  ['grade 2', 7],
  ['second grade', 7],
  ['1st grade', 6],
  ['year 3', 8],
  ['kindergarten', 5],
  ['pre-k', 4],
  ['make ten', null],
])('%s is for children of %s', (text, age) => expect(readSpoken(text).age).toBe(age))
