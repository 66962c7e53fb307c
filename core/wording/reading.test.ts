import { readHouseRules } from '#core/kernel/houseRules'
import { standing } from '#core/kernel/match'
import { sayEntry, sayReason, sayResult, sayVerdict, speaking } from '#core/wording/index'
import { grouped, withMinus } from '#core/basics/words'
import { readMatch } from '#core/format/matchFile'
import { selfPlay } from '#core/kernel/selfPlay'
import { fileOf } from '../../tests/unit/judging'
import { withFixtures } from '../../tests/games/withFixtures'

/** What reads badly in a sentence, by what it is. */
const CLUMSY: readonly (readonly [string, RegExp])[] = [
  ['a hyphen for a minus', /(?<![\p{L}\p{N}])-\d/u],
  [
    'one of many',
    /(?<![\d.,])1 (?:ones|tens|hundreds|points|cards|pairs|steps|players|rounds|tokens|places|dice|plays)\b/,
  ],
  ['many of one', /\b(?:[2-9]|\d\d+) (?:point|card|pair|step|player|round|token|place|play)\b(?!-)/],
  ['a wrong article', /\ba (?:8|11|18)\b/],
  ['said twice', /\b([Ii]t is \d+)\. It is \d+/],
  ['a round that is finished', /\b(?:this|the) round is finished/],
  ['how often, before the number', /\d \d+ times/],
  ['most points, twice', /[Mm]ost points.*[Mm]ost points/s],
  ['nothing said', /\bundefined\b|\bNaN\b|\[object/],
]
const clumsy = (texts: readonly string[]) =>
  texts.flatMap((text) => CLUMSY.filter(([, what]) => what.test(text)).map(([name]) => `${name}: ${text}`))

test.each(withFixtures())(
  '%s: every sentence of its fixtures, presets and a match of bots reads well',
  (_id, game, { slips, sentences, live, match }) => {
    const files = [...Object.values(slips), ...sentences.map(([parts]) => parts), live, match.parts]
    const said: string[] = []
    for (const { after: _after, ...parts } of files as { after?: unknown }[]) {
      const read = readMatch(fileOf(parts))
      if (!read.ok) {
        for (const problem of read.problems) said.push(sayReason(game, problem, speaking({ game, players: [] })))
        continue
      }
      const { tape } = read
      for (const line of tape.lines) said.push(sayEntry(tape.table, line), sayVerdict(tape.table, line))
      if (tape.state.result) said.push(sayResult(tape.table, tape.state.result))
    }
    for (const { rules } of game.presets) {
      const seats = Math.max(2, game.about.seats.low)
      const read = readHouseRules(game, rules, seats)
      if (!read.ok) continue
      said.push(game.wording.readBack(read.rules, seats).join(' '), ...game.wording.prompts(read.rules, []))
      for (const { count, what, detail } of game.prepare(read.rules, seats).needs)
        said.push(`${count} ${what}`, detail ?? '')
      const players = ['Ines', 'Tomasz', 'Bao'].slice(0, seats)
      const tape = selfPlay({ game, houseRules: rules, players, key: 'reading', most: 60 })
      for (const line of tape.lines) said.push(sayEntry(tape.table, line), sayVerdict(tape.table, line))
      expect(standing(tape.table, tape.state)).toHaveLength(seats)
    }
    expect([...new Set(clumsy(said))]).toEqual([])
  },
)

test.each([
  ['Teal is -3: Ines has -12 now.', 'Teal is −3: Ines has −12 now.'],
  ['2 to 1, sit-out, 2026-11-28, 3-4', '2 to 1, sit-out, 2026-11-28, 3-4'],
  ['5 - 3 = 2, (-4) - (-2)', '5 − 3 = 2, (−4) − (−2)'],
])('%s is read as %s', (text, read) => expect(withMinus(text)).toBe(read))

test.each([
  [2000, '2000'],
  [-9999, '-9999'],
  [12_345, '12,345'],
  [352_416, '352,416'],
])('%i is read in groups as %s', (value, text) => expect(grouped(value)).toBe(text))
