import { restoreArchive } from '../matches/archive'
import { bytesOf } from '../utils/body'
import { defineRoute } from '../utils/refusal'

/** An archive of years of matches may be large. */
const MOST_BYTES = 100_000_000

export default defineRoute(async (event) => restoreArchive(await bytesOf(event, MOST_BYTES)))
