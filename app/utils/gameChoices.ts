import { ABOUTS } from '#core/games/abouts'

/** Games as a list offers them: all of them, or those given. */
export const gameChoices = (games: typeof ABOUTS = ABOUTS) =>
  games.map(({ id, about }) => ({ value: id, label: about.title }))
