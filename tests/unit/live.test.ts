import { followLive } from '../../app/utils/live'

/** A browser's event source, as far as it is used. */
class FakeSource {
  static readonly CLOSED = 2
  static all: FakeSource[] = []
  readyState = 1
  closed = false
  onerror: (() => void) | null = null
  readonly hears = new Map<string, (event: { data: string }) => void>()
  constructor(readonly address: string) {
    FakeSource.all.push(this)
  }
  addEventListener(kind: string, hear: (event: { data: string }) => void) {
    this.hears.set(kind, hear)
  }
  close() {
    this.closed = true
  }
}

let turn: (() => void) | undefined
const page = {
  visibilityState: 'visible',
  addEventListener: (_kind: string, hear: () => void) => (turn = hear),
  removeEventListener: () => (turn = undefined),
}

beforeEach(() => {
  jest.useFakeTimers()
  FakeSource.all = []
  page.visibilityState = 'visible'
  Object.assign(globalThis, { EventSource: FakeSource, document: page })
})
afterEach(() => jest.useRealTimers())

test('events are read from JSON and heard; closing ends it for good', () => {
  const heard: unknown[] = []
  const live = followLive(() => '/api/live', { recorded: (data) => heard.push(data) })
  FakeSource.all[0]!.hears.get('recorded')!({ data: '{"number":3}' })
  expect(heard).toEqual([{ number: 3 }])
  live.close()
  expect([FakeSource.all[0]!.closed, turn]).toEqual([true, undefined])
})

test('a stream that was closed is opened anew at its address of then; one that is only broken is left to the browser', () => {
  let after = 0
  const lost = jest.fn()
  followLive(() => `/live?after=${after}`, {}, lost)
  const [source] = FakeSource.all
  source!.onerror!()
  jest.advanceTimersByTime(5000)
  expect(FakeSource.all).toHaveLength(1)
  after = 7
  source!.readyState = FakeSource.CLOSED
  source!.onerror!()
  jest.advanceTimersByTime(5000)
  expect(FakeSource.all.map(({ address }) => address)).toEqual(['/live?after=0', '/live?after=7'])
  expect(lost).toHaveBeenCalledTimes(2)
})

test('a tab that nobody sees gives its connection back, and says that something may be missed', () => {
  const lost = jest.fn()
  followLive(() => '/live', {}, lost)
  page.visibilityState = 'hidden'
  turn!()
  expect([FakeSource.all[0]!.closed, lost.mock.calls.length]).toEqual([true, 1])
  page.visibilityState = 'visible'
  turn!()
  expect(FakeSource.all).toHaveLength(2)
})
