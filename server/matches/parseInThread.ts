import { once } from 'node:events'
import { Worker } from 'node:worker_threads'
import { problem } from '#core/contract/problem'
import { refuseDeep, tooDeep } from '../utils/body'
import { refusalOf } from './problems'

/** More matches than any library has. */
const MOST_MATCHES = 100_000

/** Runs in a thread of its own: parsing a hundred megabytes takes seconds, in which nobody else would be served. */
const BESIDE = `
const { parentPort, workerData } = require('node:worker_threads')
const tell = (make) => {
  try { parentPort.postMessage(make()) } catch (error) { parentPort.postMessage({ deep: error instanceof RangeError, detail: error.message }) }
}
let matches = []
tell(() => {
  const text = Buffer.from(workerData).toString('utf8')
  const archive = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text)
  if (typeof archive !== 'object' || archive === null || Array.isArray(archive)) return { frame: JSON.stringify(archive), count: 0 }
  const { matches: held, ...frame } = archive
  matches = held
  return { frame: JSON.stringify(frame), count: Array.isArray(held) ? held.length : -1 }
})
parentPort.on('message', (i) => tell(() => ({ match: JSON.stringify(matches[i]) })))
`

type Answer =
  | { readonly detail: string; readonly deep: boolean }
  | { readonly frame: string; readonly count: number }
  | { readonly match: string }

/** An archive's JSON, parsed beside: all but its matches, and these one by one. `end` lets go of it. */
export interface Parsed {
  readonly frame: unknown
  readonly count: number
  match(i: number): Promise<unknown>
  end(): void
}

/** Parses the bytes of an archive; refused (422) where they are no JSON, nested too deep or hold no list of matches. */
export async function parseInThread(bytes: Buffer): Promise<Parsed> {
  // A copy of its own can be handed over without copying it again.
  const own = new Uint8Array(bytes).buffer
  const worker = new Worker(BESIDE, { eval: true, workerData: own, transferList: [own] })
  const answer = async () => ((await once(worker, 'message')) as [Answer])[0]
  try {
    const told = await answer()
    if ('detail' in told) throw told.deep ? tooDeep() : refusalOf([problem('', 'not-json', { detail: told.detail })])
    if (!('frame' in told)) throw new Error('the archive was not parsed')
    const { frame, count } = told
    if (count < 0 || count > MOST_MATCHES) throw refusalOf([problem('matches', 'bad-archive', { field: 'matches' })])
    return {
      frame: parsed(frame),
      count,
      async match(i) {
        const asked = answer()
        worker.postMessage(i)
        const text = await asked
        if (!('match' in text)) throw tooDeep()
        return parsed(text.match)
      },
      end: () => void worker.terminate(),
    }
  } catch (error) {
    void worker.terminate()
    throw error
  }
}

function parsed(text: string): unknown {
  refuseDeep(text)
  return JSON.parse(text) as unknown
}
