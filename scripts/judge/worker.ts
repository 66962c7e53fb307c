import { parentPort, workerData } from 'node:worker_threads'
import { makeAnswer, makeBriefAnswer } from '#core/format/answer'
import { readMatchText } from '#core/format/matchFile'

const answer = (workerData as { brief: boolean }).brief ? makeBriefAnswer : makeAnswer
parentPort!.on('message', (lines: string) => {
  let text = ''
  for (const line of lines.split('\n')) if (line.trim()) text += `${JSON.stringify(answer(readMatchText(line)))}\n`
  parentPort!.postMessage(text)
})
