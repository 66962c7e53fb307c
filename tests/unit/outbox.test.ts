import type { Recorded } from '../../shared/api'
import { makeOutbox, type Fate, type Waiting } from '../../app/stores/outbox'

/** An outbox whose server does as it is told: an error, or the entry acknowledged under the next number. */
function boxed(answers: (Error | null)[] = [], kept: readonly Waiting[] = []) {
  let shelf: readonly Waiting[] | undefined = kept.length === 0 ? undefined : kept
  const posted: Waiting[] = []
  const acknowledged: Recorded[] = []
  const fates: Fate[] = []
  let ids = 0
  const box = makeOutbox({
    shelf: { read: async () => shelf, write: async (waiting) => void (shelf = waiting) },
    newId: () => `entry-${++ids}`,
    async post(waiting) {
      posted.push(waiting)
      const answer = answers.shift()
      if (answer) throw answer
      return { number: posted.length, id: waiting.id, entry: waiting.entry, at: '2026-11-28T10:00:00Z' }
    },
    fateOf: (error) => ({ kind: 'refused', says: (error as Error).message }),
    acknowledged: (recorded) => acknowledged.push(recorded),
    failed: (fate) => fates.push(fate),
  })
  return { box, posted, acknowledged, fates, shelf: () => shelf }
}

test('what is put in is kept, sent in order, and gone once acknowledged', async () => {
  const { box, posted, acknowledged, shelf } = boxed()
  box.add(0, 'a')
  box.add(1, 'b')
  expect(shelf()).toHaveLength(2)
  await box.send()
  expect(posted.map(({ after, entry }) => [after, entry])).toEqual([
    [0, 'a'],
    [1, 'b'],
  ])
  expect(acknowledged).toHaveLength(2)
  expect([box.waiting.value, shelf()]).toEqual([[], []])
})

test('two sends at once send each entry once', async () => {
  const { box, posted } = boxed()
  box.add(0, 'a')
  await Promise.all([box.send(), box.send()])
  expect(posted).toHaveLength(1)
})

test('an entry that meets its fate stays, and those after it are not sent', async () => {
  const { box, posted, fates } = boxed([new Error('the ferry left')])
  box.add(0, 'a')
  box.add(1, 'b')
  await box.send()
  expect(fates).toEqual([{ kind: 'refused', says: 'the ferry left' }])
  expect([posted.length, box.waiting.value.length]).toEqual([1, 2])
  // Meant to come after what came in between, they go on.
  box.move(5)
  await box.send()
  expect(posted.slice(1).map(({ after }) => after)).toEqual([5, 6])
})

test('what waited before a reload is there again; what the server has already is let go', async () => {
  const kept = [
    { id: 'one', after: 0, entry: 'a' },
    { id: 'two', after: 1, entry: 'b' },
  ]
  const { box } = boxed([], kept)
  await box.load()
  expect(box.waiting.value).toEqual(kept)
  expect([box.settle(new Set(['one'])), box.settle(new Set(['one']))]).toEqual([true, false])
  expect(box.waiting.value.map(({ id }) => id)).toEqual(['two'])
  box.clear()
  expect(box.waiting.value).toEqual([])
})

test.each([
  ['nothing', undefined, []],
  ['no list', { id: 'a' }, []],
  [
    'what can’t be sent is left out, the rest is sent',
    [{ id: 'a', after: 2, entry: { call: 'time' } }, { id: 7 }, null],
    ['a'],
  ],
])('what was kept on the device is read by its shape: %s', async (_what, kept, ids) => {
  const box = boxed([], kept as Waiting[] | undefined)
  await box.box.load()
  expect(box.box.waiting.value.map(({ id }) => id)).toEqual(ids)
})

test('what is put in counts as kept once the device has it', async () => {
  const writes: (() => void)[] = []
  const shelf = { read: async () => [], write: () => new Promise<void>((resolve) => writes.push(resolve)) }
  const nothing = () => undefined
  const post = () => new Promise<never>(nothing)
  const box = makeOutbox({
    shelf,
    newId: () => `entry-${writes.length}`,
    post,
    fateOf: () => ({ kind: 'lost' }),
    acknowledged: nothing,
    failed: nothing,
  })
  box.add(0, 'a')
  box.add(1, 'b')
  expect([box.waiting.value.length, box.kept.value]).toEqual([2, 0])
  for (const [i, done] of writes.entries()) {
    done()
    await Promise.resolve()
    expect(box.kept.value).toBe(i + 1)
  }
})
