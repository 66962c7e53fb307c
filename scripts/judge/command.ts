import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { makeAnswer, makeBriefAnswer } from '#core/format/answer'
import { readMatchText } from '#core/format/matchFile'

const USAGE = `usage: bin/judge [FILE]          judges one match file (or standard input), prints one JSON object
       bin/judge --lines [FILE]  judges one match file a line, prints one answer a line
       --brief                   with either: verdicts, reasons and standing alone, without words
exit status: 0 judged, 2 the file has problems (they are printed) or can't be read`

interface Asked {
  /** Many files, one a line. */
  readonly lines: boolean
  readonly brief: boolean
  /** Its path; undefined for standard input. */
  readonly file: string | undefined
}

/** What the words behind bin/judge ask for; the exit status where that is answered here. */
export function asksOf(args: readonly string[]): Asked | number {
  const parsed = parse(args)
  if (!parsed || parsed.files.length > 1) {
    console.error(USAGE)
    return 2
  }
  const { lines, brief, help, files } = parsed
  if (help) {
    console.log(USAGE)
    return 0
  }
  return { lines, brief, file: files[0] === '-' ? undefined : files[0] }
}

/** Undefined where an option is none of ours. */
function parse(args: readonly string[]) {
  const flag = { type: 'boolean', default: false } as const
  const options = { lines: flag, brief: flag, help: flag }
  try {
    const { values, positionals } = parseArgs({ args: [...args], options, allowPositionals: true })
    return { ...values, files: positionals }
  } catch {
    return undefined
  }
}

/** Judges one file and prints the answer; returns the exit status. */
export function judgeOne({ file, brief }: Asked): number {
  let text: string
  try {
    text = readFileSync(file ?? 0, 'utf8')
  } catch (error) {
    console.error(`bin/judge can't read ${file ?? 'standard input'}: ${(error as Error).message}`)
    return 2
  }
  const answer = (brief ? makeBriefAnswer : makeAnswer)(readMatchText(text))
  process.stdout.write(`${JSON.stringify(answer)}\n`)
  return answer.accepted ? 0 : 2
}
