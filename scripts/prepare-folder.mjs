// Makes the archive of an empty database folder, so that a first start need not set one up (about 7 s and 800 MB).
import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { PGlite } from '@electric-sql/pglite'

const dist = fileURLToPath(new URL('../dist/', import.meta.url))
mkdirSync(dist, { recursive: true })
const client = await PGlite.create()
const archive = await client.dumpDataDir('gzip')
writeFileSync(`${dist}empty-folder.tar.gz`, Buffer.from(await archive.arrayBuffer()))
await client.close()
