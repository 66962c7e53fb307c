import { kindOfFile, type FileKind } from '#core/basics/fileKind'
import { sayWrongFile } from '#core/wording/fileKind'

const FILES: readonly (readonly [FileKind, string])[] = [
  ['match', '{\n  "format": "nimble-tally/match",\n  "version": 1'],
  ['archive', '{"format":"nimble-tally/archive","people":[]}'],
  ['house-rules', '\uFEFF{"format":"nimble-tally/house-rules"}'],
  ['person', '{"format":"nimble-tally/person"}'],
  ['json', '{"people":[]}'],
  ['json', '[1, 2'],
  ['table', '\uFEFFbegan,changed,game\r\n2026-11-28 10:00:00,,Brim'],
  ['table', 'Nr\tFirst name\n1\tInes'],
  ['tape', 'Brim: 1 Ines, 2 Bao; Ines begins\n   1   1: roll 6 5'],
  ['picture', '\u0089PNG\r\n\u001A\n'],
  ['picture', '\uFFFDPNG\r\n'],
  ['paper', '%PDF-1.7'],
  ['packed', 'PK\u0003\u0004'],
  ['empty', ' \n'],
  ['unknown', 'Dear parents, on Saturday we played.'],
]

test.each(FILES)('%s: %j', (kind, text) => {
  expect(kindOfFile(text)).toBe(kind)
})

test('a wrong file is told what it seems to be; the wanted one is let through', () => {
  for (const [kind] of FILES) {
    expect(sayWrongFile(kind, kind)).toBeNull()
    expect(sayWrongFile(kind, kind === 'match' ? 'archive' : 'match')).toMatch(/^(This|These) .*\.$/)
  }
})
