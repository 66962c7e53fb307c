import { asksOf, judgeOne } from './command'
import { judgeLines } from './lines'

const asked = asksOf(process.argv.slice(2))
if (typeof asked === 'number') process.exitCode = asked
else process.exitCode = asked.lines ? await judgeLines(asked.file, asked.brief) : judgeOne(asked)
