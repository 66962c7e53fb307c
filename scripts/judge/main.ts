import { judge } from './command'
import { judgeLines } from './lines'

process.exitCode = await judge(process.argv.slice(2), judgeLines)
