import type { FileKind } from '#core/basics/fileKind'

const SEEMS: Readonly<Record<FileKind, string>> = {
  match: 'This seems to be a match file: bring it in under “One match” on the page Keep.',
  archive: 'This seems to be an archive of everything: bring it back under “Everything” on the page Keep.',
  'house-rules':
    'These seem to be house rules kept under a name: bring them in where a match is set up, under “House rules under a name”.',
  person: 'This seems to be what is known of one child: it can be read and kept, but not brought in.',
  table:
    'This seems to be a table for a spreadsheet (CSV): names can be pasted from it under “Many at once” on the page People.',
  tape: 'This seems to be a tape as plain text: it can be read and kept, but not brought in. Take the match file instead.',
  picture: 'This seems to be a picture: it can’t be read here.',
  paper: 'This seems to be a printed paper (PDF): it can’t be read here.',
  packed:
    'This seems to be a packed folder or an office file: unpack it first, and bring in the .json file that is in it.',
  json: 'This is a .json file, but none of Nimble Tally’s: its “format” says what it is, and there is none that is known here.',
  empty: 'This file is empty.',
  unknown:
    'This is no file of Nimble Tally’s: those end in .json, and are made here under “Take everything along” or from a desk’s menu.',
}

/** What a file seems to be that was brought in as something else, and where it belongs; null where it is what is wanted. */
export const sayWrongFile = (kind: FileKind, wanted: FileKind): string | null => (kind === wanted ? null : SEEMS[kind])
