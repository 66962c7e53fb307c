import fc from 'fast-check'
import { readCorrections } from '#core/kernel/corrections'
import { readEntry } from '#core/contract/entries'
import { readMatch } from '#core/format/matchFile'
import { atOnce, addEntry, foldTape } from '#core/kernel/tape'
import { fileOf } from '../../tests/unit/judging'

const told = (entries: Parameters<typeof readCorrections>[0]) => atOnce(readCorrections(entries, () => null))

/**
 * What corrections come to, told once more in the slowest way: every question is answered from the beginning of the
 * tape, by the words of the rulebook.
 */
function toldAgain(raws: readonly unknown[]) {
  const entries = raws.map(readEntry)
  const kind = (n: number) => entries[n - 1]!.kind
  const target = (n: number) => {
    const entry = entries[n - 1]!
    return entry.kind === 'amend' || entry.kind === 'strike' ? entry.target : 0
  }
  /** The verdict on a correction by the tape as it stood when it was made. */
  function verdict(n: number): string {
    const t = target(n)
    if (t < 1 || t >= n) return 'no-such-entry'
    if (isStruck(t, n - 1)) return 'already-struck'
    return kind(n) === 'amend' && kind(t) !== 'play' ? 'not-a-play' : 'ok'
  }
  /** Whether entry n is struck once the first `upTo` entries are recorded: by a strike that stands and isn't struck. */
  function isStruck(n: number, upTo: number): boolean {
    for (let s = n + 1; s <= upTo; s++)
      if (kind(s) === 'strike' && target(s) === n && verdict(s) === 'ok' && !isStruck(s, upTo)) return true
    return false
  }
  const all = entries.map((_, i) => i + 1)
  const struck = all.filter((n) => isStruck(n, entries.length))
  const amended = all.flatMap((n) => {
    const by = all
      .filter((a) => kind(a) === 'amend' && target(a) === n && verdict(a) === 'ok' && !struck.includes(a))
      .at(-1)
    return by ? [[n, by]] : []
  })
  return {
    struck,
    amended,
    verdicts: all.filter((n) => kind(n) === 'amend' || kind(n) === 'strike').map((n) => [n, verdict(n)]),
  }
}

const entry = fc.oneof(
  fc.constant({ play: { do: 'stop', by: 1 } }),
  fc.constant({ call: 'note' }),
  fc.constant({ ruling: { houseRules: {} } }),
  fc.constant('nonsense'),
  fc.record({ strike: fc.integer({ min: -1, max: 13 }) }),
  fc.record({ strike: fc.integer({ min: 1, max: 8 }) }),
  fc.record({ amend: fc.integer({ min: 0, max: 13 }), play: fc.constant({ do: 'stop', by: 2 }) }),
)

test('amends and strikes in any order come to what the rulebook says', () => {
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 12 }), (raws) => {
      const read = told(raws.map(readEntry))
      const again = toldAgain(raws)
      expect([...read.struck].sort((a, b) => a - b)).toEqual(again.struck)
      // What a struck play was amended to doesn't matter while it is struck.
      const inForce = (pairs: readonly (readonly number[])[]) => pairs.filter(([n]) => !again.struck.includes(n!))
      expect(inForce([...read.amended].sort(([a], [b]) => a - b))).toEqual(inForce(again.amended))
      expect([...read.verdicts].map(([n, { stands, reason }]) => [n, stands ? 'ok' : reason!.code])).toEqual(
        again.verdicts,
      )
    }),
    { numRuns: 500 },
  )
})

test('a long chain of strikes on strikes is settled from the newest', () => {
  const chain = (length: number) =>
    told([{ call: 'note' }, ...Array.from({ length }, (_, i) => ({ strike: i + 1 }))].map(readEntry))
  for (let length = 1; length <= 9; length++) expect(chain(length).struck.has(1)).toBe(length % 2 === 1)
})

test('ten thousand strikes, a thousand of them striking each other in a chain, are told at once', () => {
  const entries: unknown[] = Array.from({ length: 4000 }, () => ({ call: 'note' }))
  for (let i = 1; i <= 4000; i++) entries.push({ strike: i })
  for (let i = 0; i < 1000; i++) entries.push({ strike: entries.length })
  const { struck, verdicts } = told(entries.map(readEntry))
  // The chain strikes the last strike of a note and so brings that note back: 1,000 links, an even number.
  expect([struck.has(3999), struck.has(4000)]).toEqual([true, true])
  expect([...verdicts.values()].every(({ stands }) => stands)).toBe(true)
})

describe('a tape that grows entry by entry', () => {
  const roll = (by: number) => ({ play: { do: 'roll', by, dice: [6, 5, 4, 3, 1] } })
  const grown = fc.oneof(
    fc.constantFrom(roll(1), roll(2), { play: { do: 'stop', by: 1, said: 18 } }, { play: { do: 'stop', by: 2 } }),
    fc.constantFrom(
      { call: 'note' },
      'nonsense',
      { ruling: { award: { by: 1, points: 3 } } },
      { ruling: { houseRules: { rounds: 9 } } },
    ),
    fc.record({ strike: fc.integer({ min: 0, max: 16 }) }),
    fc.record({
      amend: fc.integer({ min: 1, max: 16 }),
      play: fc.constantFrom(roll(1).play, { do: 'stop', by: 1 }, { do: 'gull' }),
    }),
  )
  test('is what it is when folded at once, and takes over every line before the first that a correction changes', () => {
    fc.assert(
      fc.property(fc.array(grown, { maxLength: 16 }), (raws) => {
        const { table, state } = opened()
        let tape = foldTape(table, state, [])
        raws.forEach((raw, i) => {
          const next = addEntry(tape, raw)
          expect(next).toEqual(foldTape(table, state, raws.slice(0, i + 1)))
          const { target } = { target: 0, ...(next.lines[i]!.entry as object) }
          // A strike of a strike reaches further back than its target.
          const direct = next.lines[target - 1]?.entry.kind === 'play' && next.lines[i]!.verdict.stands
          if (direct) expect(next.lines.findIndex((line, at) => line !== tape.lines[at])).toBe(target - 1)
          tape = next
        })
      }),
      { numRuns: 300 },
    )
  })
})

function opened() {
  const read = readMatch(fileOf({}))
  if (!read.ok) throw new Error('refused')
  return { table: read.tape.table, state: read.tape.start }
}
