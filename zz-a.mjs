import { sheet, boardOf, type } from './zz-shot.mjs'
await sheet('/tmp/shots/a.png', [
  ['/match/saturday-buoy', [1280, 800], type('Shift+Digit1', 'Shift+Digit2', '32')],
  ['/match/saturday-shed'],
  ['/match/saturday-pier', [1280, 800], type('54', '2')],
  ['/match/saturday-tide', [1280, 800], type('7')],
])
