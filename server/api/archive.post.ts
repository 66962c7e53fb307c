import { restoreArchive } from '../matches/archive'
import { bytesOf, MOST_ARCHIVE } from '../utils/body'
import { defineRoute } from '../utils/refusal'

export default defineRoute(async (event) => restoreArchive(await bytesOf(event, MOST_ARCHIVE)))
