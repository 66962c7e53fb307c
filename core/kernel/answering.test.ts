import { answeringOf } from '#core/kernel/answering'

test.each([
  ['nothing is asked', undefined, {}, 'not-asked'],
  ['only an explanation is asked', { explanation: true }, { said: 4 }, 'not-asked'],
  ['nothing was said yet', { answer: 12 }, {}, 'missing'],
  ['said right', { answer: 12 }, { said: 12 }, 'right'],
  ['said wrong', { answer: 12 }, { said: 11 }, 'wrong'],
  ['each of several', { answer: [12, 7] }, { said: [12, 7] }, 'right'],
  ['one of several wrong', { answer: [12, 7] }, { said: [12, 8] }, 'wrong'],
  ['one of several left out', { answer: [12, 7] }, { said: [12] }, 'wrong'],
  [
    'right, but the total told beside it is not',
    { answer: 12, beside: { said: 30, right: 31 } },
    { said: 12 },
    'wrong',
  ],
  ['only a total told beside', { beside: { said: 31, right: 31 } }, {}, 'right'],
] as const)('%s', (_what, asks, play, becomes) => {
  expect(answeringOf(asks, play)).toBe(becomes)
})
