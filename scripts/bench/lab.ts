import { GAMES } from '#core/games/index'
import { runLab } from '#core/lab/run'
import { atMost, type Row } from './report'

/** Milliseconds that matches of one game are played for. */
const MOST_MS = 1500
const MATCHES = 10_000

/** How long the lab takes for ten thousand matches of careful players, on two cores: one thread is measured, and halved. */
export function labTimes(): Row[] {
  const times = GAMES.map((game) => {
    const seats = Math.max(2, game.about.seats.low)
    const question = {
      game: game.id,
      a: {},
      b: null,
      players: Array.from({ length: seats }, () => 'careful' as const),
      pace: game.about.pace,
      seed: 'bench',
    }
    // The first matches warm up.
    runLab(question, 0, 10)
    const start = performance.now()
    let n = 10
    while (performance.now() - start < MOST_MS) runLab(question, n, (n += 5))
    return { id: game.id, seconds: (((performance.now() - start) / (n - 10)) * MATCHES) / 2 / 1000 }
  }).sort((a, b) => a.seconds - b.seconds)
  const middle = times[Math.floor(times.length / 2)]!
  const row = (what: string, value: number, most: number): Row => ({ what, value, unit: 's', aim: atMost(most) })
  return [
    row(`lab: 10,000 matches of the median game (${middle.id}), two cores`, middle.seconds, 3),
    ...times.map(({ id, seconds }) =>
      row(`lab: 10,000 matches of ${id}, two cores`, seconds, id === 'own-game' ? 5 : 10),
    ),
  ]
}
