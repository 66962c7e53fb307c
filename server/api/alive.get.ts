import { defineRoute } from '../utils/refusal'

/** Answers as long as the process does, whatever the database does: who starts servers anew asks this. */
export default defineRoute(() => ({ alive: true }))
