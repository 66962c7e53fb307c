/**
 * Brim, as plainly as beside it, through a general framework for turn games: its bare reducer, without store, server or
 * pictures. What the real judge takes is told as a part of this. Installed by hand: npm ci --prefix scripts/bench/framework
 */
import { createRequire } from 'node:module'

const require = createRequire(import.meta.url)
const { CreateGameReducer, InitializeGame } = require('boardgame.io/internal')
const { INVALID_MOVE } = require('boardgame.io/core')

const game = {
  name: 'brim',
  disableUndo: true,
  setup: ({ ctx }) => ({ rolls: 0, last: [], scores: Array.from({ length: ctx.numPlayers }, () => 0) }),
  moves: {
    roll({ G }, dice) {
      if (G.rolls === 4 || dice.length > 5) return INVALID_MOVE
      if (dice.some((face) => !Number.isInteger(face) || face < 1 || face > 6)) return INVALID_MOVE
      G.rolls++
      G.last = dice
    },
    stop({ G, playerID, events }) {
      if (G.rolls === 0) return INVALID_MOVE
      const sum = G.last.reduce((a, b) => a + b, 0)
      G.scores[Number(playerID)] += sum > 20 ? 0 : sum
      G.rolls = 0
      G.last = []
      events.endTurn()
    },
  },
}

const moveOf = (play) => ({
  type: 'MAKE_MOVE',
  payload: { type: play.do, args: play.do === 'roll' ? [play.dice] : [], playerID: String(play.by - 1) },
})

/** What judges a match of so many players from its start: the plays in, the scores out. */
export function framed(seats) {
  const reducer = CreateGameReducer({ game })
  const start = InitializeGame({ game, numPlayers: seats })
  return (plays) => plays.reduce((state, play) => reducer(state, moveOf(play)), start).G.scores
}
