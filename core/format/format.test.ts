import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { makeAnswer } from '#core/format/answer'
import { matchFileSchema } from '#core/format/jsonSchema'
import { makeMatchFile, readMatch, readMatchText } from '#core/format/matchFile'
import { fileOf, play } from '../../tests/unit/judging'

test('docs/match-file.schema.json is current (npm run schema)', () => {
  const written: unknown = JSON.parse(readFileSync('docs/match-file.schema.json', 'utf8'))
  expect(written).toEqual(JSON.parse(JSON.stringify(matchFileSchema())))
})

test('a match file made from a tape reads back the same', () => {
  const entries = [
    play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }),
    play(5 as never),
    { call: 'note', why: 'gull on the table' },
    { strike: 1 },
  ]
  const read = readMatch(fileOf({ houseRules: { rounds: 2 }, entries }))
  if (!read.ok) throw new Error('refused')
  const made = makeMatchFile(read.tape, read.file.houseRules)
  expect(made.entries).toEqual(entries)
  const again = readMatchText(JSON.stringify(made))
  expect(makeAnswer(again)).toEqual(makeAnswer(read))
})

test('whatever JSON is read, an answer is given', () => {
  const nearly = fc.record(
    {
      format: fc.constant('nimble-tally/match'),
      version: fc.constant(1),
      game: fc.constantFrom('brim', 'other'),
      players: fc.oneof(fc.array(fc.string(), { maxLength: 8 }), fc.jsonValue()),
      first: fc.oneof(fc.integer({ min: -1, max: 8 }), fc.jsonValue()),
      houseRules: fc.oneof(
        fc.dictionary(fc.constantFrom('dice', 'limit', 'tie', 'zzz'), fc.jsonValue()),
        fc.jsonValue(),
      ),
      entries: fc.oneof(fc.array(fc.jsonValue()), fc.jsonValue()),
    },
    { requiredKeys: ['format', 'version', 'game'] },
  )
  fc.assert(
    fc.property(fc.oneof(fc.jsonValue(), nearly), (json) => {
      const answer = makeAnswer(readMatch(json))
      if (!answer.accepted)
        for (const problem of answer.problems) expect(problem.says).not.toMatch(/undefined|\[object|Refused:/)
    }),
    { numRuns: 500 },
  )
})
