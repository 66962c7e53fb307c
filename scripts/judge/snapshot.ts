import { startupSnapshot } from 'node:v8'
import { judge } from './command'

/** Many files need threads, which a snapshot has none of: bin/judge takes the bundle for them. */
const NOT_FROM_HERE = 3

startupSnapshot.setDeserializeMainFunction(() => {
  process.exitCode = judge(process.argv.slice(2), () => NOT_FROM_HERE) as number
})
