import { sheet, boardOf, type } from './zz-shot.mjs'
const make = async (body) =>
  (
    await (
      await fetch('http://127.0.0.1:3100/api/matches', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    ).json()
  ).id
const six = await make({
  game: 'brim',
  seats: ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi'].map((name, i) => ({ name, pennant: i + 1 })),
  first: 5,
  name: 'Lantern',
  houseRules: { explain: 'required' },
})
await fetch(`http://127.0.0.1:3100/api/matches/${six}/entries`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ id: 'abcdefgh', after: 0, entry: { play: { do: 'roll', by: 5, dice: [6, 5, 4, 3, 1] } } }),
})
await sheet(
  '/tmp/shots/e.png',
  [
    [await boardOf(six), [1280, 720]],
    [await boardOf('saturday-shed'), [1280, 720]],
    [await boardOf('saturday-pier'), [1920, 1080]],
    [await boardOf('saturday-tide'), [1280, 720]],
    [await boardOf('saturday-heron'), [1920, 1080]],
    [await boardOf('saturday-lantern'), [1280, 720]],
  ],
  { cols: 3, scale: 0.36 },
)
await sheet(
  '/tmp/shots/g.png',
  [
    ['/match/saturday-buoy', [390, 844], type('Shift+Digit1', '32')],
    ['/match/saturday-heron', [390, 844], type('15')],
    [`/match/${six}`, [640, 400], type('s')],
    ['/match/saturday-heron', [640, 400], type('15')],
  ],
  { cols: 4, scale: 0.62 },
)
