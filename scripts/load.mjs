// Loads a started server on this machine: 30 matches with 100 viewers of desks and 90 of boards, and prints latencies.
//   bin/start --empty --port 3100, then npm run load -- http://127.0.0.1:3100 [milliseconds between entries]
const base = process.argv[2] ?? 'http://127.0.0.1:3000'
const [MATCHES, VIEWERS, BOARDS, ENTRIES] = [30, 100, 90, 20]
/** Between two entries of one match, on average: a fast table. */
const PAUSE_MS = Number(process.argv[3] ?? 1000)
if (!/^http:\/\/(localhost|127\.0\.0\.1|\[::1\])(:|\/|$)/.test(base))
  throw new Error('Only a server on this machine is loaded.')

const post = async (path, body) => {
  const answer = await fetch(base + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
  return answer.json()
}
const sentAt = new Map()
const recorded = []
const seen = []
const drawn = []
/** By match and number: when that entry was sent, as boards tell nothing more of it. */
const sentOf = new Map()
const stop = new AbortController()

/** Follows a match's live stream and notes how long after sending each entry is seen. */
async function view(match) {
  const response = await fetch(`${base}/api/matches/${match}/live`, { signal: stop.signal })
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  try {
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      text += value
      const end = text.lastIndexOf('\n\n')
      for (const [, data] of text.slice(0, end).matchAll(/event: recorded\ndata: (.*)|data: (\{"number".*)/g)) {
        const json = data && JSON.parse(data)
        const at = json && sentAt.get(json.id)
        if (at) seen.push(performance.now() - at)
      }
      text = text.slice(end + 2)
    }
  } catch (error) {
    if (error.name !== 'AbortError') throw error
  }
}

/** Follows a match's board and notes how long after sending an entry its picture comes. */
async function watch(match) {
  const { board } = await (await fetch(`${base}/api/matches/${match}`)).json()
  const response = await fetch(`${base}/api/boards/${board}/live`, { signal: stop.signal })
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  try {
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      text += value
      const end = text.lastIndexOf('\n\n')
      for (const [, data] of text.slice(0, end).matchAll(/event: board\ndata: (.*)/g)) {
        const at = sentOf.get(`${match} ${JSON.parse(data).last}`)
        if (at) drawn.push(performance.now() - at)
      }
      text = text.slice(end + 2)
    }
  } catch (error) {
    if (error.name !== 'AbortError') throw error
  }
}

async function play(match, n) {
  let after = 0
  // No room begins at thirty tables in the same moment.
  await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * 2 * Math.random()))
  for (let i = 0; i < ENTRIES; i++) {
    const roll = i % 2 === 0
    const by = 1 + (Math.floor(i / 2) % 2)
    const id = `load-${n}-${i}-${Date.now()}`
    const entry = { play: roll ? { do: 'roll', by, dice: [6, 5, 4, 3, 1] } : { do: 'stop', by, said: 19 } }
    const start = performance.now()
    sentAt.set(id, start)
    sentOf.set(`${match} ${after + 1}`, start)
    await post(`/api/matches/${match}/entries`, { id, after: after++, entry })
    recorded.push(performance.now() - start)
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * (0.5 + Math.random())))
  }
}

const seats = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const ids = []
for (let i = 0; i < MATCHES; i++)
  ids.push((await post('/api/matches', { game: 'brim', seats, first: 1, houseRules: { rounds: 50 } })).id)
const views = [
  ...Array.from({ length: VIEWERS }, (_, i) => view(ids[i % MATCHES])),
  ...Array.from({ length: BOARDS }, (_, i) => watch(ids[i % MATCHES])),
]
await new Promise((resolve) => setTimeout(resolve, 1000))
const start = performance.now()
await Promise.all(ids.map(play))
await new Promise((resolve) => setTimeout(resolve, 500))
const seconds = (performance.now() - start) / 1000
stop.abort()
await Promise.all(views)
for (const id of ids) await fetch(`${base}/api/matches/${id}`, { method: 'DELETE' })
const row = (what, list) => {
  const sorted = list.toSorted((a, b) => a - b)
  const at = (q) => `${(sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? NaN).toFixed(1)} ms`
  return { what, count: list.length, median: at(0.5), '95 %': at(0.95), '99 %': at(0.99), worst: at(1) }
}
console.table([
  row('recorded (answer to the desk)', recorded),
  row('seen (record to a viewer)', seen),
  row('drawn (record to a board)', drawn),
])
console.log(
  `${MATCHES} matches, ${VIEWERS} viewers, ${BOARDS} boards, ${Math.round(recorded.length / seconds)} entries a second offered`,
)
