/** Kinds of file that somebody may bring in, rightly or by mistake. */
export type FileKind =
  | 'match'
  | 'archive'
  | 'house-rules'
  | 'person'
  | 'table'
  | 'tape'
  | 'picture'
  | 'paper'
  | 'packed'
  | 'json'
  | 'empty'
  | 'unknown'

/** How much of a file is looked at: its kind shows at its beginning. */
const LOOKED_AT = 4000
const GZIP = '\u001F'
const OWN = /"format"\s*:\s*"nimble-tally\/(match|archive|house-rules|person)"/

/** What a file seems to be, by how it begins; its text may be anything. */
export function kindOfFile(text: string): FileKind {
  const start = text
    .slice(0, LOOKED_AT)
    .replace(/^\uFEFF/, '')
    .trimStart()
  if (!start) return 'empty'
  if (/^(?:.PNG|GIF8|RIFF|\uFFFD\uFFFD\uFFFD|\u00FF\u00D8\u00FF|<svg)/u.test(start)) return 'picture'
  if (start.startsWith('%PDF')) return 'paper'
  if (start.startsWith('PK') || start.startsWith(GZIP)) return 'packed'
  if (/^[{[]/.test(start)) return (OWN.exec(start)?.[1] as FileKind | undefined) ?? 'json'
  const [first = ''] = start.split(/\r?\n/, 1)
  if (/^[^,;\t.]+(?:[,;\t](?! )[^,;\t]*)+$/.test(first)) return 'table'
  if (/begins$/.test(first)) return 'tape'
  return 'unknown'
}
