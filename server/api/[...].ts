import { defineRoute, Refusal } from '../utils/refusal'

export default defineRoute((event) => {
  throw new Refusal(404, 'not-found', `There is nothing at ${event.path.split('?')[0]}.`)
})
