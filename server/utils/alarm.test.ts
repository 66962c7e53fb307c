import { makeAlarm } from './alarm'

beforeEach(() => jest.useFakeTimers({ now: 1_000_000 }))
afterEach(() => jest.useRealTimers())

/** An alarm due at a moment of the wall clock. */
function due(at: () => number | null) {
  const ring = jest.fn(async () => undefined)
  return { ring, alarm: makeAlarm(() => (at() === null ? null : at()! - Date.now()), ring) }
}

test('it rings once, when it is due', async () => {
  const { ring, alarm } = due(() => 1_060_000)
  await alarm.set()
  await jest.advanceTimersByTimeAsync(59_999)
  expect(ring).not.toHaveBeenCalled()
  await jest.advanceTimersByTimeAsync(120_000)
  expect(ring).toHaveBeenCalledTimes(1)
})

test.each([20, 1, 3_600_000])('the wall clock set back by %i ms: it rings all the same, later', async (back) => {
  const { ring, alarm } = due(() => 1_060_000)
  await alarm.set()
  await jest.advanceTimersByTimeAsync(30_000)
  jest.setSystemTime(Date.now() - back)
  await jest.advanceTimersByTimeAsync(30_000)
  expect(ring).not.toHaveBeenCalled()
  await jest.advanceTimersByTimeAsync(back)
  expect(ring).toHaveBeenCalledTimes(1)
})

test('turned off, or paused meanwhile, it rings no more; set anew it goes by the new time', async () => {
  let at: number | null = 1_060_000
  const { ring, alarm } = due(() => at)
  await alarm.set()
  alarm.off()
  await jest.advanceTimersByTimeAsync(120_000)
  await alarm.set()
  expect(ring).toHaveBeenCalledTimes(1)
  at = Date.now() + 60_000
  await alarm.set()
  at = null
  await jest.advanceTimersByTimeAsync(600_000)
  expect(ring).toHaveBeenCalledTimes(1)
})

test('a wait longer than timers can is waited for in parts', async () => {
  const { ring, alarm } = due(() => 1_000_000 + 40 * 86_400_000)
  await alarm.set()
  await jest.advanceTimersByTimeAsync(39 * 86_400_000)
  expect(ring).not.toHaveBeenCalled()
  await jest.advanceTimersByTimeAsync(86_400_000)
  expect(ring).toHaveBeenCalledTimes(1)
})
