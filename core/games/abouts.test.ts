import { ABOUTS, aboutOf } from './abouts'
import { GAMES } from './index'

test('what the pages list is what the games say of themselves, in the same order', () => {
  expect(ABOUTS).toEqual(GAMES.map(({ id, about }) => ({ id, about })))
})

test('an unknown game has nothing told of it', () => {
  expect(aboutOf('no-such-game')).toBeUndefined()
})
