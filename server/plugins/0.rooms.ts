import { isSchool, roomToBeFound } from '../school/here'

/** In a school every request finds out in which room it is, and what it does is seen there alone. */
export default defineNitroPlugin((nitro) => {
  if (!isSchool()) return
  const { handler } = nitro.h3App
  nitro.h3App.handler = (event) => roomToBeFound(() => handler(event))
})
