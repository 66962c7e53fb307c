// Writes docs/*.schema.json from the Zod schemas; a unit test checks that they are current.
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { houseRulesFileSchema, matchFileSchema } from '#core/format/jsonSchema'

const folder = fileURLToPath(new URL('../docs', import.meta.url))
for (const [name, schema] of [
  ['match-file', matchFileSchema()],
  ['house-rules', houseRulesFileSchema()],
] as const)
  writeFileSync(`${folder}/${name}.schema.json`, `${JSON.stringify(schema, null, 2)}\n`)
