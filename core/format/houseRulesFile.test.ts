import { readFileSync } from 'node:fs'
import { makeHouseRulesFile, readHouseRulesText } from '#core/format/houseRulesFile'
import { houseRulesFileSchema } from '#core/format/jsonSchema'

const FILE = {
  format: 'nimble-tally/house-rules',
  version: 1,
  game: 'brim',
  name: 'Our Tuesday Brim',
  houseRules: { limit: 24 },
}
const read = (changes: object) => readHouseRulesText(JSON.stringify({ ...FILE, ...changes }))

test('what was made is read again', () => {
  const made = makeHouseRulesFile({ game: 'brim', name: 'Our Tuesday Brim', houseRules: { limit: 24 } })
  expect(made).toEqual(FILE)
  expect(readHouseRulesText(`\ufeff${JSON.stringify(made)}`)).toEqual({ ok: true, file: FILE })
  expect(read({ houseRules: undefined })).toMatchObject({ ok: true, file: { houseRules: {} } })
})

test.each([
  [{ format: 'other' }, 'format', 'bad-house-rules-file'],
  [{ version: 2 }, 'version', 'bad-house-rules-file'],
  [{ name: '  ' }, 'name', 'bad-house-rules-file'],
  [{ name: 'x'.repeat(61) }, 'name', 'bad-house-rules-file'],
  [{ more: 1 }, '', 'bad-house-rules-file'],
  [{ houseRules: [] }, 'houseRules', 'bad-house-rules-file'],
  [{ game: 'nope' }, 'game', 'unknown-game'],
  [{ houseRules: { limit: 9999 } }, 'houseRules.limit', 'bad-house-rule'],
  [{ houseRules: { nothing: 1 } }, 'houseRules.nothing', 'unknown-house-rule'],
] as const)('%j: what is wrong and where', (changes, path, code) => {
  const found = read(changes)
  expect(!found.ok && found.problems.map((problem) => [problem.path, problem.code])).toContainEqual([path, code])
})

test('what is no JSON says so', () => {
  expect(readHouseRulesText('gull')).toMatchObject({ ok: false, problems: [{ code: 'not-json' }] })
})

test('rules that fit only some numbers of players are kept', () => {
  // Two ladders' factors fit two players only.
  expect(read({ game: 'table-ladder', houseRules: { factors: [3, 4] } })).toMatchObject({ ok: true })
})

test('docs/house-rules.schema.json is current (npm run schema)', () => {
  expect(JSON.parse(readFileSync('docs/house-rules.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(houseRulesFileSchema())),
  )
})
