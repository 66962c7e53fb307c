import * as z from 'zod'
import { isShort, MOST_HELD } from '#core/contract/entries'
import { readMatch } from '#core/format/matchFile'
import { GAMES } from '#core/games/index'
import { withFixtures } from '../../tests/games/withFixtures'

/** A JSON Schema, as far as it is looked at here. */
interface Schema {
  readonly type?: string
  readonly const?: unknown
  readonly enum?: unknown
  readonly pattern?: string
  readonly maxItems?: number
  readonly maxLength?: number
  readonly prefixItems?: readonly Schema[]
  readonly items?: Schema
  readonly properties?: Readonly<Record<string, Schema>>
  readonly additionalProperties?: Schema | boolean
  readonly propertyNames?: Schema
  readonly anyOf?: readonly Schema[]
  readonly oneOf?: readonly Schema[]
}

/** Where a schema takes a list or a text of any length. */
function boundless(schema: Schema, path: string): string[] {
  const { type, items, properties = {}, anyOf = [], oneOf = [], prefixItems = [], propertyNames } = schema
  const own: string[] = []
  if (type === 'array' && schema.maxItems === undefined && !prefixItems.length) own.push(path)
  if (
    type === 'string' &&
    schema.maxLength === undefined &&
    schema.const === undefined &&
    schema.enum === undefined &&
    !bounded(schema.pattern)
  )
    own.push(path)
  const names = propertyNames ? boundless({ type: 'string', ...propertyNames }, `${path}.*`) : []
  const rest =
    typeof schema.additionalProperties === 'object' ? boundless(schema.additionalProperties, `${path}.*`) : []
  return [
    ...own,
    ...names,
    ...rest,
    ...(items ? boundless(items, `${path}[]`) : []),
    ...[...anyOf, ...oneOf, ...prefixItems].flatMap((each) => boundless(each, path)),
    ...Object.entries(properties).flatMap(([name, each]) => boundless(each, `${path}.${name}`)),
  ]
}

/** Whether a pattern says how long a text is: from its beginning to its end, and nothing in it as often as one likes. */
const bounded = (pattern = '') =>
  pattern.startsWith('^') && pattern.endsWith('$') && !/[*+]|,\}/.test(pattern.replace(/\\./g, ''))

test.each(GAMES)('$id: no list and no text of a play or an opening without a bound', ({ play, opening }) => {
  for (const [name, shape] of Object.entries({ play, opening }))
    expect(boundless(z.toJSONSchema(shape, { unrepresentable: 'any', io: 'input' }) as Schema, name)).toEqual([])
})

test.each(withFixtures())(
  '%s: its longest entries are short, and one as long as a book is refused with the file',
  (id, _game, { live, open, match }) => {
    for (const entry of [...(live.entries ?? []), ...(open.entries ?? []), { amend: 0, opening: match.parts.opening }])
      expect(isShort(entry)).toBe(true)
    const long = { play: { do: 'x', by: 1, dice: Array.from({ length: MOST_HELD / 8 }, () => 1) } }
    const read = readMatch({
      format: 'nimble-tally/match',
      version: 1,
      game: id,
      players: open.players ?? ['Ines', 'Tomasz'],
      entries: [{ call: 'note' }, long],
    })
    expect(read.ok ? [] : read.problems).toEqual([
      { path: 'entries.1', code: 'entry-too-long', facts: { entry: 2, most: MOST_HELD } },
    ])
  },
)

test.each([
  ['a text', { call: 'note', why: 'x'.repeat(MOST_HELD) }],
  ['unknown names', Object.fromEntries(Array.from({ length: 3000 }, (_, i) => [`k${i}`, 0]))],
  ['lists in lists', { play: Array.from({ length: 100 }, () => Array.from({ length: 100 }, () => [])) }],
])('an entry is too long by %s', (_, entry) => expect(isShort(entry)).toBe(false))
