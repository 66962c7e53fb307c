import { practisedFacts } from '#core/kernel/facts'
import { readMatch } from '#core/format/matchFile'
import { fileOf, play } from '../../tests/unit/judging'

function practised(entries: unknown[], houseRules = {}) {
  const read = readMatch(fileOf({ entries, houseRules }))
  if (!read.ok) throw new Error('refused')
  return read.tape.lines.map((line) =>
    practisedFacts(read.tape.table, line).map(({ terms, answer, said, right, how }) => [
      terms.join(' '),
      answer,
      said,
      right,
      how,
    ]),
  )
}
const roll = play({ do: 'roll', by: 1, dice: [6, 4, 5, 1, 1] })

test('a right sum said: the whole sum was asked for, the tens in it were practised', () => {
  expect(practised([roll, play({ do: 'stop', by: 1, said: 17, explained: true, how: 'made-ten' })])[1]).toEqual([
    ['6 4', 10, null, true, 'made-ten'],
    ['5 1 1', 7, null, true, 'made-ten'],
    ['10 7', 17, 17, true, 'made-ten'],
  ])
})

test('a wrong sum is wrong for the fact that was asked for, noted or refused', () => {
  const wrong = play({ do: 'stop', by: 1, said: 16 })
  for (const answers of ['noted', 'must-be-right'])
    expect(practised([roll, wrong], { answers })[1]).toEqual([
      ['6 4', 10, null, true, null],
      ['5 1 1', 7, null, true, null],
      ['10 7', 17, 16, false, null],
    ])
})

test.each([
  ['said right', { said: 17 }, ['met', 'met', 'said']],
  ['said wrong, with an aid too', { said: 16, how: 'used-an-aid' }, ['helped', 'helped', 'said']],
  ['said right with an aid', { said: 17, how: 'used-an-aid' }, ['helped', 'helped', 'helped']],
  ['explained, not said', { explained: true, how: 'made-ten' }, ['explained', 'explained', 'explained']],
  ['passed on explaining', { explained: true, how: 'passed' }, ['met', 'met', 'met']],
  ['how alone is no explanation', { how: 'made-ten' }, ['met', 'met', 'met']],
  ['silent', {}, ['met', 'met', 'met']],
] as const)('what a fact rests on: %s', (_what, told, kinds) => {
  const read = readMatch(fileOf({ entries: [roll, play({ do: 'stop', by: 1, ...told })], houseRules: {} }))
  if (!read.ok) throw new Error('refused')
  expect(practisedFacts(read.tape.table, read.tape.lines[1]!).map(({ evidence }) => evidence)).toEqual(kinds)
})

test('nothing was practised by plays out of turn, without their answer yet, struck, or over', () => {
  const entries = [roll, play({ do: 'stop', by: 2, said: 17 }), play({ do: 'stop', by: 1 }), { call: 'note' }]
  expect(practised(entries, { answers: 'must-be-right' }).flat()).toEqual([])
  expect(practised([roll, play({ do: 'stop', by: 1, said: 17 }), { strike: 2 }]).flat()).toEqual([])
})
