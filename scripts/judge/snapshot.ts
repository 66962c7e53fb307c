import { startupSnapshot } from 'node:v8'
import { asksOf, judgeOne } from './command'

/** For one file: many need threads, which a snapshot has none of. */
startupSnapshot.setDeserializeMainFunction(() => {
  const asked = asksOf(process.argv.slice(2))
  process.exitCode = typeof asked === 'number' ? asked : judgeOne(asked)
})
