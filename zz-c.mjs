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
await sheet(
  '/tmp/shots/c.png',
  [
    ['/match/saturday-buoy', [390, 844], type('Shift+Digit1', '32')],
    ['/match/saturday-rope', [390, 844], type('7')],
    ['/match/saturday-heron', [390, 844], type('15')],
    ['/match/saturday-buoy', [640, 400], type('Shift+Digit1', '32')],
    [`/match/${six}`, [640, 400], type('66655')],
    ['/match/saturday-heron', [640, 400]],
  ],
  { cols: 3, scale: 0.8 },
)
await sheet(
  '/tmp/shots/d.png',
  [
    [`/match/${six}`, [1280, 800], type('66655', 'Enter')],
    ['/match/saturday-rope', [800, 1100], type('7'), { colorScheme: 'dark' }],
    ['/match/saturday-shed', [800, 1100]],
  ],
  { cols: 3, scale: 0.55 },
)
