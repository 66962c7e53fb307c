import { GAMES } from '#core/games/index'
import { beforeOwn, botOf, botPlay, openTryOut, OWN_SEAT } from '#core/trainer/tryOut'
import { addEntry } from '#core/kernel/tape'
import { awaits } from '#core/kernel/match'

describe.each(GAMES.map((game) => [game.id, game] as const))('%s: tried out', (_, game) => {
  const players = ['Skipper', 'Bao'].slice(0, game.about.seats.high)
  const open = (entries: readonly unknown[]) => openTryOut({ game, houseRules: {}, players, key: '2~try', entries })

  test('bots play whatever is not the person’s, it comes to an end, and all is as it was dealt', () => {
    let tape = open([])
    let [bots, own] = [0, 0]
    for (let n = 0; n < 3000 && awaits(tape.table, tape.state); n++) {
      const bot = botOf(tape)
      // Side by side they take it by turns here.
      const mine = !bot || (bot.givesWay && n % 2 === 0)
      if (mine) own++
      else bots++
      tape = addEntry(tape, { play: botPlay(tape, mine ? OWN_SEAT : bot.seat) })
      expect(tape.lines.at(-1)!.verdict).toMatchObject({ stands: true, reason: null })
      expect(tape.lines.at(-1)!.verdict.notes.filter(({ code }) => code === 'not-as-dealt')).toEqual([])
    }
    expect(tape.state.result).not.toBeNull()
    expect(own).toBeGreaterThan(0)
    if (players.length > 1) expect(bots).toBeGreaterThan(0)
    // The same again from its entries, and taken back to before the person's newest play.
    const entries = tape.lines.map(({ raw }) => raw)
    expect(open(entries).state).toEqual(tape.state)
    const before = beforeOwn(tape)
    if (before) expect(before.length).toBeLessThan(entries.length)
    expect(beforeOwn(open([]))).toBeNull()
  })
})
