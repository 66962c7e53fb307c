import { restoreArchive } from '../matches/transfer'
import { defineRoute, textOf } from '../utils/refusal'

/** An archive of years of matches may be large. */
const MOST_BYTES = 100_000_000

export default defineRoute(async (event) => restoreArchive(await textOf(event, MOST_BYTES)))
