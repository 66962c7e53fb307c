import { createReadStream } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Worker } from 'node:worker_threads'

/** Characters handed to a worker at once: large enough that posting them costs little beside judging them. */
const BATCH = 64_000

/** Judges a JSON Lines stream in worker threads, one a core, and prints the answers in the order of the lines. */
export async function judgeLines(file: string | undefined, brief: boolean): Promise<number> {
  const workers = Array.from({ length: Math.max(1, availableParallelism()) }, () => new Pool(brief))
  const answers: Promise<string>[] = []
  let batch = ''
  let turn = 0
  const send = (text: string) => {
    if (text.trim()) answers.push(workers[turn++ % workers.length]!.judge(text))
  }
  const input = file === undefined ? process.stdin : createReadStream(file)
  input.setEncoding('utf8')
  try {
    for await (const chunk of input) {
      batch += chunk as string
      if (batch.length < BATCH) continue
      const cut = batch.lastIndexOf('\n') + 1
      send(batch.slice(0, cut))
      batch = batch.slice(cut)
      // Keeps a long stream from piling up in memory.
      while (answers.length > 4 * workers.length) process.stdout.write((await answers.shift())!)
    }
    send(batch)
    for (const answer of answers) process.stdout.write(await answer)
  } catch (error) {
    console.error(`bin/judge can't read ${file ?? 'standard input'}: ${(error as Error).message}`)
    return 2
  } finally {
    for (const worker of workers) void worker.end()
  }
  return 0
}

class Pool {
  private readonly worker: Worker
  private readonly waiting: { resolve: (text: string) => void; reject: (error: Error) => void }[] = []

  constructor(brief: boolean) {
    this.worker = new Worker(fileURLToPath(new URL('./judge-worker.mjs', import.meta.url)), { workerData: { brief } })
    this.worker.on('message', (text: string) => this.waiting.shift()?.resolve(text))
    this.worker.on('error', (error: Error) => this.waiting.forEach(({ reject }) => reject(error)))
  }

  judge(lines: string): Promise<string> {
    return new Promise((resolve, reject) => {
      this.waiting.push({ resolve, reject })
      this.worker.postMessage(lines)
    })
  }

  end(): Promise<number> {
    return this.worker.terminate()
  }
}
