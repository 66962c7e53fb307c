import { Refusal } from '../utils/refusal'
import { makeShowings } from './showings'

const settled = () => new Promise((resolve) => setImmediate(resolve))

/** One board whose drawing is told what to do, and what a viewer of it sees. */
function board() {
  let drawn: () => string = () => 'first'
  let change: (what: 'picture' | 'link') => void = () => undefined
  const showings = makeShowings({
    draw: async () => drawn(),
    tokenOf: async () => 'token',
    follow: (_, changed) => {
      change = changed
      return () => undefined
    },
  })
  const seen: (string | null)[] = []
  const redraw = async (draw: () => string) => {
    drawn = draw
    change('picture')
    await settled()
  }
  return { showings, seen, redraw, follow: () => showings.follow('buoy', 'token', (picture) => seen.push(picture)) }
}

test('a fault in drawing is logged, and the board goes on with the next change', async () => {
  const logged = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const { seen, redraw, follow } = board()
  follow()
  await settled()
  await redraw(() => {
    throw new TypeError('no such card')
  })
  expect(logged).toHaveBeenCalledWith(expect.stringContaining('buoy'), expect.any(TypeError))
  await redraw(() => 'second')
  expect(seen).toEqual(['first', 'second'])
  logged.mockRestore()
})

test('a board that is there no more is no fault: its viewers are told', async () => {
  const logged = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const { seen, redraw, follow } = board()
  follow()
  await settled()
  await redraw(() => {
    throw new Refusal(404, 'no-such-match', 'There is no such match.')
  })
  expect(seen).toEqual(['first', null])
  expect(logged).not.toHaveBeenCalled()
  logged.mockRestore()
})
