import { writeFileSync } from 'node:fs'
import { houseRulesFileSchema, matchFileSchema } from '#core/format/jsonSchema'

const folder = process.argv[2]!
for (const [name, schema] of [
  ['match-file', matchFileSchema()],
  ['house-rules', houseRulesFileSchema()],
] as const)
  writeFileSync(`${folder}/${name}.schema.json`, `${JSON.stringify(schema, null, 2)}\n`)
