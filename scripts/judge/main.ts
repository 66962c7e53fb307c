import { readFileSync } from 'node:fs'
import { makeAnswer } from '#core/format/answer'
import { readMatchText } from '#core/format/matchFile'
import { judgeLines } from './lines'

const USAGE = `usage: bin/judge [FILE]          judges one match file (or standard input), prints one JSON object
       bin/judge --lines [FILE]  judges one match file a line, prints one answer a line
exit status: 0 judged, 2 the file has problems (they are printed) or can't be read`

async function main(args: readonly string[]): Promise<number> {
  const lines = args.includes('--lines')
  const files = args.filter((arg) => !arg.startsWith('--'))
  const unknown = args.filter((arg) => arg.startsWith('--') && arg !== '--lines')
  if (args.includes('--help')) {
    console.log(USAGE)
    return 0
  }
  if (unknown.length || files.length > 1) {
    console.error(USAGE)
    return 2
  }
  const file = files[0] === '-' ? undefined : files[0]
  if (lines) return judgeLines(file)
  let text: string
  try {
    text = readFileSync(file ?? 0, 'utf8')
  } catch (error) {
    console.error(`bin/judge can't read ${file ?? 'standard input'}: ${(error as Error).message}`)
    return 2
  }
  const answer = makeAnswer(readMatchText(text))
  process.stdout.write(`${JSON.stringify(answer)}\n`)
  return answer.accepted ? 0 : 2
}

process.exitCode = await main(process.argv.slice(2))
