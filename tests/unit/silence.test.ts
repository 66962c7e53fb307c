import { GAMES } from '#core/games/index'
import { practisedFacts } from '#core/kernel/facts'
import { selfPlay } from '#core/kernel/selfPlay'
import { foldTape } from '#core/kernel/tape'
import { silent } from './silent'

function unsaid(raw: unknown): unknown {
  const entry = raw as { play?: object }
  return entry.play ? { ...entry, play: silent(entry.play) } : raw
}

test.each(GAMES.map((game) => [game.id, game] as const))('%s: nobody knows anything from silence', (id, game) => {
  const players = ['Ines', 'Bao', 'Wren'].slice(0, Math.max(2, game.about.seats.low))
  for (const { rules } of game.presets) {
    const played = selfPlay({ game, houseRules: rules, players, key: `silent ${id}`, most: 80 })
    const tape = foldTape(
      played.table,
      played.start,
      played.lines.map(({ raw }) => unsaid(raw)),
    )
    for (const line of tape.lines)
      for (const fact of practisedFacts(tape.table, line))
        expect([line.play, fact.said, fact.evidence]).toEqual([
          line.play,
          fact.said,
          fact.said === null ? 'met' : 'said',
        ])
  }
})
