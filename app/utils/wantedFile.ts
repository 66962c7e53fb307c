import { kindOfFile, type FileKind } from '#core/basics/fileKind'
import { sayWrongFile } from '#core/wording/fileKind'
import { ApiError } from '~/utils/api'

/**
 * The text of a file that is to be brought in. Throws what it seems to be where it is another one; what may be the right
 * one, by hand or damaged, is left to the server, which names what is wrong in it.
 */
export async function textOfWanted(file: File, wanted: FileKind): Promise<string> {
  const text = await file.text()
  const kind = kindOfFile(text)
  const says = kind === 'json' ? null : sayWrongFile(kind, wanted)
  if (says) throw new ApiError(422, 'wrong-file', `${file.name}: ${says}`)
  return text
}
