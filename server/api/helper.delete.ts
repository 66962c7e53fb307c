import { letHelperOut } from '../access/helper'
import { defineRoute } from '../utils/refusal'

/** This device helps no more. */
export default defineRoute(async (event) => {
  await letHelperOut(event)
  return { helps: null }
})
