import { figure } from '#core/basics/words'
import type { Ready } from '#core/contract/ready'
import type { Sheet } from '#core/contract/sheet'
import { packCards, pointsSheet, runningSheet, span } from '#core/kit/parts'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { sayBrings, sayRecipe } from '#core/games/own-game/sayRecipe'

/** The track as spaces to walk on; places that do something stand out. */
function trackSheet({ track, specials, goal }: OwnRules): Sheet[] {
  if (!track) return []
  const marked = new Set(specials.flatMap(({ when }) => (when.is === 'on' ? [when.n] : [])))
  const spaces = span(track.from, track.to).map((place) => ({
    text: figure(place),
    strong: marked.has(place) || place === goal || place === track.start,
  }))
  return [{ id: 'track', title: `Track from ${track.from} to ${track.to}`, kind: 'track', spaces }]
}

export const ready: Ready<OwnRules> = {
  cards: ({ brings }) => (brings.kind === 'cards' ? packCards(brings.pack) : undefined),
  aloud(rules) {
    const [first = '', second = '', ...rest] = sayRecipe(rules)
    return [first, second, rest.join(' ')]
  },
  talk: () => ({
    notice: 'Read the rules once more: what will happen most of the time?',
    say: 'I say what lies there, what I do with it, and what it makes.',
    hard: 'What should be another way next time?',
  }),
  sheets: (rules, seats) => [
    ...trackSheet(rules),
    ...(rules.brings.kind === 'spinner'
      ? [
          {
            id: 'discs',
            title: 'Spinner',
            kind: 'discs' as const,
            discs: [{ title: sayBrings(rules), faces: rules.brings.faces }],
          },
        ]
      : []),
    rules.scoring === 'best-of-round'
      ? pointsSheet(Math.min(20, rules.rounds ?? 12), seats)
      : runningSheet(Math.min(24, rules.rounds ?? 12), 'What it makes', seats, String(rules.start)),
  ],
  ladder: ['usual', 'hundred', 'down', 'products'],
}
