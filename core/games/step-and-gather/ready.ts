import type { StepRules } from '#core/games/step-and-gather/rules'
import { runningSheet } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'

export const ready: Ready<StepRules> = {
  aloud: ({ atEnd }) => [
    'Roll the die and walk so many spaces on your own path.',
    'Take as many cubes as the space says, and put them onto your towers of ten.',
    `${atEnd === 'exact' ? 'Home must be reached exactly; until then you stay where you are.' : 'A roll larger than the way home stops there.'} When all are home, the most cubes win.`,
  ],
  talk: () => ({
    notice: 'Look along your path: where do the large numbers lie?',
    say: 'I had nine and take four more: that is one ten and three.',
    hard: 'How did you count your cubes without counting each of them?',
  }),
  sheets: ({ path }, seats) => [
    {
      id: 'path',
      title: `Path of ${path.length} spaces`,
      kind: 'track',
      copies: seats,
      spaces: path.map((space, i) => ({ text: String(space), strong: i === path.length - 1 })),
    },
    {
      id: 'own',
      title: 'Path to number yourselves',
      kind: 'track',
      spaces: path.map((_, i) => ({ strong: i === path.length - 1 })),
    },
    { id: 'frames', title: 'Ten-frames for the cubes', kind: 'frames', count: 10, copies: seats },
    runningSheet(Math.min(20, path.length), 'Cubes', seats),
  ],
  ladder: ['short', 'usual', 'exact', 'large'],
}
