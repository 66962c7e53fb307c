import * as z from 'zod'
import { GAMES } from '#core/games/index'
import { houseRulesSchema } from '#core/kernel/houseRules'
import { houseRulesFileShape } from '#core/format/houseRulesFile'
import { publicShape } from '#core/format/matchFile'

/** The JSON Schema of the match file, with the house rules, opening and plays of every game under `$defs`. */
export function matchFileSchema(): object {
  const schema = z.toJSONSchema(publicShape, { io: 'input', unrepresentable: 'any' }) as Record<string, unknown>
  const games = Object.fromEntries(
    GAMES.map((game) => [
      game.id,
      {
        title: game.about.title,
        description: game.about.line,
        type: 'object',
        properties: {
          houseRules: inner(houseRulesSchema(game)),
          opening: inner(game.opening),
          play: inner(game.play),
        },
      },
    ]),
  )
  return {
    ...schema,
    title: 'Nimble Tally match file, version 1',
    $defs: games,
    allOf: GAMES.map(({ id }) => ({
      if: { properties: { game: { const: id } } },
      then: {
        properties: {
          houseRules: { $ref: `#/$defs/${id}/properties/houseRules` },
          opening: { $ref: `#/$defs/${id}/properties/opening` },
        },
      },
    })),
  }
}

/** The JSON Schema of a file of house rules under a name, with those of every game. */
export function houseRulesFileSchema(): object {
  const schema = z.toJSONSchema(houseRulesFileShape, { io: 'input', unrepresentable: 'any' }) as Record<string, unknown>
  return {
    ...schema,
    title: 'Nimble Tally house rules, version 1',
    $defs: Object.fromEntries(GAMES.map((game) => [game.id, inner(houseRulesSchema(game))])),
    allOf: GAMES.map(({ id }) => ({
      if: { properties: { game: { const: id } } },
      then: { properties: { houseRules: { $ref: `#/$defs/${id}` } } },
    })),
  }
}

function inner(schema: z.ZodType): object {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Record<
    string,
    unknown
  >
  return rest
}
