import { writeFileSync } from 'node:fs'
import { matchFileSchema } from '#core/format/jsonSchema'

writeFileSync(process.argv[2]!, `${JSON.stringify(matchFileSchema(), null, 2)}\n`)
