/** What may be in the box: its name, and the words by which people look for it. */
export const MATERIALS = {
  cards: { name: 'cards 1–10', words: ['playing cards', 'number cards', 'pack', 'deck'] },
  zeros: { name: 'zeros or jokers', words: ['joker', 'zero', 'wild'] },
  pictures: { name: 'jacks, queens, kings', words: ['face cards', 'picture cards', 'full pack'] },
  'cut-out': { name: 'cards to cut out', words: ['printed cards', 'own number cards', 'large numbers', 'digit cards'] },
  dice: { name: 'six-sided dice', words: ['die', 'dice', 'cubes with dots'] },
  'other-dice': { name: 'other dice', words: ['ten-sided', 'twelve-sided', 'die', 'dice'] },
  'place-die': { name: 'a place die', words: ['ones tens hundreds die'] },
  dominoes: { name: 'dominoes', words: ['domino'] },
  spinner: { name: 'a paper-clip spinner', words: ['spinner', 'paper clip', 'pencil'] },
  counters: { name: 'counters or beads', words: ['tokens', 'markers', 'pieces', 'beads', 'chips'] },
  cubes: { name: 'cubes', words: ['linking cubes', 'blocks', 'towers'] },
  paper: { name: 'pencil and paper', words: ['writing', 'sheet', 'pencil'] },
} as const satisfies Record<string, { readonly name: string; readonly words: readonly string[] }>

export type MaterialId = keyof typeof MATERIALS
export const MATERIAL_IDS = Object.keys(MATERIALS) as readonly MaterialId[]
