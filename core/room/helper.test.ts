import { gameById } from '#core/games/index'
import { openMatch } from '#core/kernel/match'
import { mayHelperRecord } from '#core/room/helper'
import { foldTape } from '#core/kernel/tape'

const opened = openMatch(gameById('brim')!, {
  houseRules: {},
  players: ['Ines', 'Tomasz'],
  first: 1,
  source: 'table',
  seed: null,
  opening: null,
})
if (!opened.ok) throw new Error('Brim can be opened')
const tapeOf = (entries: readonly unknown[]) => foldTape(opened.table, opened.state, entries)
const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }
const wrong = { play: { do: 'stop', by: 2 } }

test.each<[string, unknown[], unknown, boolean]>([
  ['a play', [], roll, true],
  ['a play that is none of theirs, as a slip', [roll], wrong, true],
  ['a play that is let stand against what is believed', [], { ...roll, overrule: 'I saw it' }, false],
  ['taking back the newest play', [roll], { strike: 1 }, true],
  ['taking back the newest slip', [roll, wrong], { strike: 2 }, true],
  ['taking back an older play', [roll, wrong], { strike: 1 }, false],
  ['taking back a play before what was taken back', [roll, wrong, { strike: 2 }], { strike: 1 }, true],
  ['bringing back what was taken back', [roll, { strike: 1 }], { strike: 2 }, false],
  ['taking back a ruling', [roll, { ruling: { award: { by: 1, points: 2 } } }], { strike: 2 }, false],
  ['taking back a remark of the referee', [roll, { call: 'note' }], { strike: 2 }, false],
  [
    'taking back what was put right',
    [roll, { amend: 1, play: { do: 'roll', by: 1, dice: [1, 1, 1, 1, 1] } }],
    { strike: 2 },
    false,
  ],
  ['taking back what the referee let stand', [{ ...roll, overrule: 'I saw it' }], { strike: 1 }, false],
  ['an entry that there is not', [roll], { strike: 9 }, false],
  ['a ruling', [], { ruling: { houseRules: { rounds: 3 } } }, false],
  ['putting right', [roll], { amend: 1, play: roll.play }, false],
  ['an end', [], { call: 'finish' }, false],
  ['time', [], { call: 'time' }, false],
  ['a remark', [], { call: 'note', why: 'x' }, false],
  ['nothing', [], null, false],
])('a helper may record %s: after %j, %j, %s', (_, entries, entry, may) =>
  expect(mayHelperRecord(tapeOf(entries), entry)).toBe(may),
)
