/** What can be practised: a plain name, the words by which people look for it, and an example. One list for all games. */
export const SKILLS = {
  'counting-on': { name: 'counting on', words: ['count', 'forward', 'one more', 'first steps', 'counting', 'early counting'], example: '5, then 6, 7, 8' },
  'number-order': {
    name: 'number order',
    words: ['sequence', 'before and after', 'one more one less', 'sorting', 'ordering', 'ascending'],
    example: '6 comes between 5 and 7',
  },
  comparing: {
    name: 'comparing',
    words: ['more', 'less', 'greater', 'larger', 'smaller', 'equal', '<', '>', '=', 'greater than', 'less than', 'bigger', 'inequality', 'which is more'],
    example: '35 < 54',
  },
  'making-ten': {
    name: 'making ten',
    words: ['make ten', 'friends of ten', 'number bonds', 'bonds', 'pairs to ten', 'ten', 'bonds of ten', 'ten frames', 'complements'],
    example: '7 + 3 = 10',
  },
  'missing-part': {
    name: 'the missing part',
    words: ['complement', 'part whole', 'missing addend', 'how much is missing', 'how many more', 'equation', 'unknown', 'number sentences', 'fact families'],
    example: '3 + ? = 7',
  },
  adding: {
    name: 'adding two numbers',
    words: [
      'addition',
      'plus',
      'sum',
      'number facts',
      'facts to twenty',
      'fact families',
      'fluency',
      'doubles',
      'near doubles',
      'sums to 20',
      'sums to twenty',
      'addition facts',
      'basic facts',
      'mental math',
      'mental maths',
      'mental arithmetic',
    ],
    example: '8 + 5 = 13',
  },
  'adding-several': {
    name: 'adding three and more',
    words: ['several numbers', 'addition', 'sums of three', 'column', 'equation', 'number sentences', 'mental math', 'mental maths'],
    example: '5 + 1 + 8 = 14',
  },
  'over-ten': {
    name: 'adding over a ten',
    words: ['bridging', 'crossing ten', 'carry', 'over the ten', 'sums to 20', 'sums to twenty', 'teens', 'mental math', 'mental maths'],
    example: '8 + 9 = 17',
  },
  'running-totals': {
    name: 'running totals',
    words: ['adding on', 'keep adding', 'score keeping', 'addition', 'mental math', 'mental maths', 'keeping score'],
    example: '24 + 7 = 31',
  },
  'taking-away': {
    name: 'taking away',
    words: ['subtraction', 'subtract', 'minus', 'difference', 'fact families', 'fluency', 'subtraction facts', 'mental math', 'mental maths'],
    example: '14 − 4 = 10',
  },
  'odd-even': { name: 'odd and even', words: ['odd', 'even', 'parity'], example: '7 is odd, 8 is even' },
  'number-line': { name: 'the number line', words: ['line', 'hops', 'track', 'jumping'], example: 'from 5 three on is 8' },
  'below-zero': { name: 'below zero', words: ['negative numbers', 'minus numbers', 'negatives', 'integers'], example: '2 − 5 = −3' },
  'tens-and-ones': {
    name: 'tens and ones',
    words: ['tens', 'hundreds', 'groups of ten', 'base ten', 'abacus', 'bead string', 'base-ten blocks', 'rods', 'two-digit numbers'],
    example: '44 is 40 and 4',
  },
  'place-value': {
    name: 'place value',
    words: ['hundreds', 'thousands', 'digits', 'columns', 'ones', 'abacus', 'expanded form'],
    example: 'the 4 in 352,416 is worth 400',
  },
  regrouping: { name: 'regrouping', words: ['carrying', 'carry', 'exchange', 'column sums'], example: '12 ones are 1 ten and 2 ones' },
  'large-numbers': { name: 'large numbers', words: ['reading numbers', 'thousands', 'number words', 'six digits'], example: '352,416 read aloud' },
  'times-tables': {
    name: 'times tables',
    words: ['multiplication', 'multiply', 'times', 'tables', 'products', 'fluency', 'fact families', 'times table facts', 'arrays', 'doubles'],
    example: '6 × 7 = 42',
  },
  'skip-counting': { name: 'skip counting', words: ['multiples', 'counting in', 'count by', 'steps'], example: '3, 6, 9, 12' },
  'common-multiples': { name: 'common multiples', words: ['multiples', 'factors', 'shared multiples'], example: '12 is in the twos, threes and fours' },
  chance: { name: 'chance', words: ['probability', 'likely', 'odds', 'risk'], example: 'is a six likely?' },
  planning: { name: 'planning ahead', words: ['strategy', 'thinking ahead', 'choosing', 'best order'], example: 'which of two tens uncovers more?' },
  remembering: { name: 'remembering', words: ['memory', 'concentration', 'where was it', 'pairs', 'recall'], example: 'the 7 lay at place 4' },
  explaining: {
    name: 'saying how',
    words: ['explaining', 'reasons', 'number talk', 'mental', 'talk', 'discussion', 'number talks'],
    example: '“8 and 2 are ten, and 4”',
  },
} as const satisfies Record<string, { readonly name: string; readonly words: readonly string[]; readonly example: string }>

export type SkillId = keyof typeof SKILLS
export const SKILL_IDS = Object.keys(SKILLS) as readonly SkillId[]

/** The plain names of skills: `making ten, taking away`. */
export const skillNames = (skills: readonly SkillId[]): string => skills.map((skill) => SKILLS[skill].name).join(', ')
