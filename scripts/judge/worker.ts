import { parentPort } from 'node:worker_threads'
import { makeAnswer } from '#core/format/answer'
import { readMatchText } from '#core/format/matchFile'

parentPort!.on('message', (lines: string) => {
  let text = ''
  for (const line of lines.split('\n')) if (line.trim()) text += `${JSON.stringify(makeAnswer(readMatchText(line)))}\n`
  parentPort!.postMessage(text)
})
