import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { playsOf } from '#core/catalogue/lengths'
import { GAMES } from '#core/games/index'

const table = Object.fromEntries(GAMES.map((game) => [game.id, playsOf(game)]))
writeFileSync(
  fileURLToPath(new URL('../core/catalogue/playsTable.ts', import.meta.url)),
  `import type { PlaysBySeats } from '#core/catalogue/lengths'\nimport type { GameId } from '#core/games/ids'\n\n/** Written by \`npm run minutes\`. */\nexport const PLAYS: Readonly<Record<GameId, PlaysBySeats>> = ${JSON.stringify(table)}\n`,
)
