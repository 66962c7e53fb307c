import fc from 'fast-check'
import { GAMES } from '#core/games/index'
import { rulesInOrder } from '#core/kernel/houseRules'
import { letterParts, type LetterPart } from '#core/print/letter'
import { makeLetterDoc, parseLetterDoc, type LetterDoc } from '../../app/utils/letterDoc'

const line = (text: string): LetterDoc => ({ type: 'paragraph', content: [{ type: 'text', text }] })

test.each(GAMES.map((game) => [game.id, game] as const))('the letter of %s is edited as it is written', (_, game) => {
  const seats = game.about.seats.high
  const parts = letterParts(game, rulesInOrder(game, {}, seats), seats)
  expect(parts.filter(({ text }) => !text.trim() || text.includes('\n'))).toEqual([])
  expect(parseLetterDoc(makeLetterDoc(parts))).toEqual(parts)
})

test('any letter comes back from its editor, without its empty lines', () => {
  const part = fc.record({
    kind: fc.constantFrom('text', 'heading', 'point'),
    text: fc.string(),
  }) as fc.Arbitrary<LetterPart>
  fc.assert(
    fc.property(fc.array(part), (parts) => {
      const kept = parts.map(({ kind, text }) => ({ kind, text: text.trim() })).filter(({ text }) => text)
      expect(parseLetterDoc(makeLetterDoc(parts))).toEqual(kept)
    }),
  )
})

test('what was pasted is read too: lists in lists, several runs of a line, line ends within one', () => {
  const inner = { type: 'bulletList', content: [{ type: 'listItem', content: [line('and a sharpener')] }] }
  const list = { type: 'bulletList', content: [{ type: 'listItem', content: [line('a pencil'), inner] }] }
  const runs = {
    type: 'paragraph',
    content: [
      { type: 'text', text: 'Bring ' },
      { type: 'text', text: 'along' },
    ],
  }
  const broken = {
    type: 'heading',
    content: [{ type: 'text', text: 'On' }, { type: 'hardBreak' }, { type: 'text', text: 'Saturday' }],
  }
  expect(parseLetterDoc({ type: 'doc', content: [broken, runs, { type: 'paragraph' }, list] })).toEqual([
    { kind: 'heading', text: 'On Saturday' },
    { kind: 'text', text: 'Bring along' },
    { kind: 'point', text: 'a pencil' },
    { kind: 'point', text: 'and a sharpener' },
  ])
})
