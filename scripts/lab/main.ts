import { parseArgs } from 'node:util'
import { gameById, GAMES } from '#core/games/index'
import { comparePairs } from '#core/lab/pair'
import { PLAYERS, type PlayerKind } from '#core/lab/players'
import { reportOf } from '#core/lab/report'
import { labProblems, runLab, type LabQuestion } from '#core/lab/run'
import { closest, searchable, searchRule } from '#core/lab/search'
import { sayProblem } from '#core/wording/index'
import { sayComparison, sayProposal, sayReport } from '#core/lab/wording'

const USAGE = `npm run -s lab -- --game ID [--rules JSON] [--other JSON] [--players best,careful,careless] [--matches N] [--seed TEXT] [--pace SECONDS]
npm run -s lab -- --game ID --search RULE --minutes N [--rules JSON] [--players …]
Games: ${GAMES.map(({ id }) => id).join(', ')}`

function fail(says: string): never {
  console.error(`${says}\n\n${USAGE}`)
  process.exit(2)
}

function json(name: string, text: string | undefined): Record<string, unknown> | null {
  if (text === undefined) return null
  try {
    const read: unknown = JSON.parse(text)
    if (typeof read === 'object' && read !== null && !Array.isArray(read)) return read as Record<string, unknown>
  } catch {
    // Told below.
  }
  return fail(`--${name} is no JSON object of house rules: ${text}`)
}

function whole(name: string, text: string | undefined, usual: number, most: number): number {
  const n = text === undefined ? usual : Number(text)
  return Number.isInteger(n) && n >= 1 && n <= most
    ? n
    : fail(`--${name} is a whole number from 1 to ${most}, not ${text}.`)
}

function given() {
  const text = { type: 'string' } as const
  try {
    return parseArgs({
      options: {
        game: text,
        rules: text,
        other: text,
        players: text,
        matches: text,
        seed: text,
        pace: text,
        search: text,
        minutes: text,
      },
    }).values
  } catch (error) {
    return fail((error as Error).message)
  }
}

const values = given()
const game = gameById(values.game ?? '') ?? fail(values.game ? `There is no game ${values.game}.` : 'Name a game.')
const players = (
  values.players ??
  Array.from({ length: Math.max(2, game.about.seats.low) }, () => 'careful')
    .slice(0, game.about.seats.high)
    .join()
).split(',')
const stranger = players.find((kind) => !(PLAYERS as readonly string[]).includes(kind))
if (stranger !== undefined) fail(`Players are ${PLAYERS.join(', ')}, not ${stranger}.`)
const question: LabQuestion = {
  game: game.id,
  a: json('rules', values.rules) ?? {},
  b: json('other', values.other),
  players: players as PlayerKind[],
  pace: whole('pace', values.pace, game.about.pace, 120),
  seed: values.seed ?? 'saturday',
}
const [problem] = labProblems(question)
if (problem) fail(sayProblem(problem, game))

if (values.search !== undefined) {
  const field = searchable(game).find(({ name }) => name === values.search)
  if (!field)
    fail(
      `No rule ${values.search} with a number to be searched; there are: ${
        searchable(game)
          .map(({ name }) => name)
          .join(', ') || 'none'
      }.`,
    )
  const minutes = whole('minutes', values.minutes, 15, 120)
  const tried = [...searchRule({ ...question, game, houseRules: question.a, rule: field.name, minutes })].sort(
    (x, y) => x.value - y.value,
  )
  const best = closest(tried, minutes)
  console.log(
    JSON.stringify(
      { rule: field.name, minutes, proposed: best?.value ?? null, says: best && sayProposal(field.label, best), tried },
      null,
      2,
    ),
  )
} else {
  const { a, b, pairs } = runLab(question, 0, whole('matches', values.matches, 1000, 100_000))
  const report = reportOf(a, question.pace)
  const compared = pairs && comparePairs(pairs, question.pace, question.players.length)
  const told = {
    question,
    a: { tally: a, report, says: sayReport(report, question.players) },
    ...(b && compared
      ? {
          b: {
            tally: b,
            report: reportOf(b, question.pace),
            says: sayReport(reportOf(b, question.pace), question.players),
          },
          compared,
          verdict: sayComparison(compared, report, question.players),
        }
      : {}),
  }
  console.log(JSON.stringify(told, null, 2))
}
