import { execFileSync, spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileOf, play } from './judging'

const JUDGE = join(process.cwd(), 'bin/judge')
const folder = mkdtempSync(join(tmpdir(), 'nimble-judge-'))

function judge(args: string[], input = '', command = JUDGE) {
  const { status, stdout, stderr } = spawnSync(command, args, { input, encoding: 'utf8' })
  return { status, stdout, stderr }
}

beforeAll(() => {
  // Builds the bundle when it is missing or old, so that the tests measure judging alone.
  execFileSync(JUDGE, ['--help'])
}, 60_000)

describe('bin/judge', () => {
  const file = fileOf({
    houseRules: { rounds: 2 },
    entries: [play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }), play({ do: 'stop', by: 1, said: 19 })],
  })

  test('judges a file, with the answer that the format promises', () => {
    const path = join(folder, 'match.json')
    writeFileSync(path, JSON.stringify(file))
    const { status, stdout } = judge([path])
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toMatchObject({
      accepted: true,
      verdicts: [
        { entry: 1, stands: true, reason: null, facts: {}, working: '6 + 5 + 4 + 3 + 1 = 19' },
        { entry: 2, stands: true, reason: null, facts: {}, working: '6 + 5 + 4 + 3 + 1 = 19' },
      ],
      standing: [
        { seat: 1, name: 'Ines', score: 19 },
        { seat: 2, name: 'Tomasz', score: 0 },
      ],
      awaits: { seats: [2], plays: ['roll'] },
      result: null,
    })
  })

  test('--brief gives verdicts, reasons and standing without words, alone and in lines', () => {
    const refused = {
      ...(file as object),
      entries: [play({ do: 'stop', by: 1 }), play({ do: 'roll', by: 1, dice: [1] })],
    }
    const brief = {
      accepted: true,
      verdicts: [
        { entry: 1, stands: false, reason: 'nothing-rolled' },
        { entry: 2, stands: false, reason: 'wrong-dice-count' },
      ],
      standing: [
        { seat: 1, score: 0 },
        { seat: 2, score: 0 },
      ],
      result: null,
    }
    expect(JSON.parse(judge(['--brief'], JSON.stringify(refused)).stdout)).toEqual(brief)
    const lines = judge(['--lines', '--brief'], `${JSON.stringify(refused)}\n{`)
      .stdout.trim()
      .split('\n')
    expect(lines.map((line) => JSON.parse(line))).toEqual([
      brief,
      { accepted: false, problems: [{ path: '', code: 'not-json' }] },
    ])
  })

  test('reads standard input, with or without a byte order mark', () => {
    expect(judge([], JSON.stringify(file)).status).toBe(0)
    expect(judge(['-'], `\uFEFF${JSON.stringify(file)}`).status).toBe(0)
  })

  test.each([
    ['{', 'not-json', ''],
    ['[]', 'bad-format', ''],
    [JSON.stringify({ ...(file as object), format: 'other' }), 'bad-format', 'format'],
    [JSON.stringify({ ...(file as object), version: 2 }), 'bad-version', 'version'],
    [JSON.stringify({ ...(file as object), game: 'nope' }), 'unknown-game', 'game'],
    [JSON.stringify({ ...(file as object), game: 5 }), 'bad-field', 'game'],
    [JSON.stringify({ ...(file as object), players: ['Ines', 7] }), 'bad-field', 'players.1'],
    [JSON.stringify({ ...(file as object), houseRules: [] }), 'bad-house-rule', 'houseRules'],
    [JSON.stringify({ ...(file as object), colour: 'teal' }), 'unknown-field', 'colour'],
    [JSON.stringify({ ...(file as object), entries: {} }), 'bad-field', 'entries'],
  ])('%s has problems: %s', (text, code, path) => {
    const { status, stdout } = judge([], text)
    const answer = JSON.parse(stdout)
    expect(status).toBe(2)
    expect(answer).toMatchObject({ accepted: false, problems: [{ code, path }] })
    expect(answer.problems[0].says.length).toBeGreaterThan(10)
  })

  test('a file that isn’t there, and words that aren’t known', () => {
    expect(judge([join(folder, 'nothing.json')])).toMatchObject({ status: 2, stderr: expect.stringContaining('read') })
    expect(judge(['--what'])).toMatchObject({ status: 2, stderr: expect.stringContaining('usage') })
  })

  test('is kept as it stands once it is loaded; what another Node.js kept, or what is broken, is passed over', () => {
    const kept = readFileSync('dist/judge.blob')
    const version = kept.indexOf(process.version)
    expect(version).toBeGreaterThan(0)
    const another = Buffer.concat([kept.subarray(0, version), Buffer.from('v0'), kept.subarray(version + 2)])
    for (const blob of [another, Buffer.from('not one')]) {
      const beside = mkdtempSync(join(folder, 'beside-'))
      for (const path of ['core', 'scripts/judge']) mkdirSync(join(beside, path), { recursive: true })
      for (const path of ['bin/judge', 'dist/judge.mjs']) cpSync(path, join(beside, path))
      writeFileSync(join(beside, 'dist/judge.blob'), blob)
      const { status, stdout } = judge([], JSON.stringify(file), join(beside, 'bin/judge'))
      expect([status, JSON.parse(stdout)]).toMatchObject([0, { accepted: true }])
      expect(existsSync(join(beside, 'dist/judge.blob'))).toBe(false)
    }
  })

  test('--lines answers each line in order, broken ones too', () => {
    const lines = Array.from({ length: 700 }, (_, i) =>
      i === 300 ? '{' : JSON.stringify({ ...(file as object), players: [`P${i}`, 'B'] }),
    )
    const { status, stdout } = judge(['--lines'], lines.join('\n'))
    const answers = stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line))
    expect(status).toBe(0)
    expect(answers).toHaveLength(700)
    expect(answers[300]).toMatchObject({ accepted: false })
    expect(answers[699].standing[0].name).toBe('P699')
  })
})
