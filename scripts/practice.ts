import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { GAMES } from '#core/games/index'
import { practiceOf } from '#core/practice/practise'

const table = Object.fromEntries(
  GAMES.map((game) => [
    game.id,
    Object.fromEntries(game.presets.map(({ id, rules }) => [id, practiceOf(game, rules)])),
  ]),
)
writeFileSync(
  fileURLToPath(new URL('../core/practice/table.ts', import.meta.url)),
  `import type { GameId } from '#core/games/ids'\nimport type { PracticeTable } from '#core/practice/suggest'\n\n/** Written by \`npm run practice\`. */\nexport const PRACTICE: Readonly<Record<GameId, PracticeTable[string]>> = ${JSON.stringify(table)}\n`,
)
