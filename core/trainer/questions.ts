import { count, list, range } from '#core/basics/words'
import { sayTime, timeOf } from '#core/catalogue/time'
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import type { Situation } from '#core/contract/situation'
import { skillNames } from '#core/contract/skills'
import type { GameId } from '#core/games/ids'
import { answerCorner } from '#core/trainer/corners'
import { restsOf } from '#core/trainer/situation'
import { ruleFields, sayRuleValue } from '#core/kernel/ruleFields'
import { bestNow } from '#core/kernel/match'
import { sayCommonRules } from '#core/wording/houseRules'
import { BEST } from '#core/wording/index'

/** What people ask about a game, answered under the house rules agreed today. */
interface Question {
  readonly id: string
  readonly asks: string
  readonly answer: string
  /** Other words by which it is looked for. */
  readonly words: string
}

/** Sentences of the rules that tell of something; all of them joined, or what is always true. */
const among = (sentences: readonly string[], of: RegExp, else_: string) => {
  const found = sentences.filter((sentence) => of.test(sentence))
  return found.length ? found.join(' ') : else_
}

/** The questions of a game, the first at the table first. `id` is the game's own, where its time is known. */
export function questionsOf(game: Game, situation: Situation, rules: CommonRules, seats: number): readonly Question[] {
  return [
    ...atTheStart(game, rules, seats),
    ...whilePlaying(game, rules, seats),
    ...whereUnsure(game, situation, rules, seats),
    ...ofCorners(game, situation, rules, seats),
    ...atTheEnd(game, rules, seats),
    ...ofRules(game, rules),
  ]
}

function atTheStart(game: Game, rules: CommonRules, seats: number): Question[] {
  const { about } = game
  const { needs, care } = game.prepare(rules, seats)
  const { low, high } = about.seats
  return [
    {
      id: 'how',
      asks: 'How does it go?',
      answer: game.ready.aloud(rules, seats).filter(Boolean).join(' '),
      words: 'rules explain read aloud',
    },
    {
      id: 'who-starts',
      asks: 'Who starts?',
      answer: `Draw lots, or let the youngest begin; in the next match somebody else. ${about.turns ? 'Then it goes round the table.' : 'There are no turns: all play side by side.'}`,
      words: 'begins first youngest lot turn order',
    },
    {
      id: 'how-many',
      asks: 'How many can play?',
      answer: `${range({ low, high })} ${high === 1 ? 'player' : 'players'}${low === 1 ? '; one can play alone' : ''}. A seat may be a side of several children.`,
      words: 'players alone two four class',
    },
    {
      id: 'needs',
      asks: 'What do we need?',
      answer: `${list(needs.map(({ count: many, what }) => `${many} ${what}`))}.`,
      words: 'materials box cards dice cut out print',
    },
    {
      id: 'time',
      asks: 'How long does it take?',
      answer: `${sayTime(timeOf({ id: game.id as GameId, about }, seats)).replace(/^./, (first) => first.toUpperCase())}, for ${count(seats, 'player', 'players')}.`,
      words: 'minutes long duration',
    },
    {
      id: 'practises',
      asks: 'What does it practise?',
      answer: `It practises ${skillNames(about.skills)}.`,
      words: 'skills learn for what',
    },
    ...(care.length
      ? [
          {
            id: 'care',
            asks: 'What should I mind?',
            answer: care.join(' '),
            words: 'safety swallow small parts allergy',
          },
        ]
      : []),
  ]
}

function whilePlaying(game: Game, rules: CommonRules, seats: number): Question[] {
  const called = game.answerCalled?.(rules) ?? null
  const common = sayCommonRules(game, rules)
  const agreed = game.wording.readBack(rules, seats)
  return [
    {
      id: 'agreed',
      asks: 'What did we agree?',
      answer: agreed.join(' '),
      words: 'house rules today target limit goal',
    },
    ...(called
      ? [
          {
            id: 'wrong-answer',
            asks: `What if somebody says a wrong ${called}?`,
            answer: among(common, new RegExp(called), ''),
            words: 'mistake miscounted sum wrong answer added up',
          },
        ]
      : [
          {
            id: 'wrong-answer',
            asks: 'Must they say an answer?',
            answer: 'Nothing is asked for: what lies there is judged.',
            words: 'wrong answer say sum',
          },
        ]),
    {
      id: 'explain',
      asks: 'Must they say how they found it?',
      answer: among(common, /explain/i, 'They are invited to; anybody may pass on explaining aloud.'),
      words: 'why reason how explain aloud',
    },
    {
      id: 'mistake',
      asks: 'We noticed a mistake some plays later. What now?',
      answer:
        'Touch that entry on the tape: put it right, or take it back. Everything after it is judged again, and what does not stand any more is shown before anything is kept.',
      words: 'correct undo take back wrong entered earlier',
    },
  ]
}

function whereUnsure(game: Game, situation: Situation, rules: CommonRules, seats: number): Question[] {
  const changeable = ruleFields(game)
    .filter((field) => field.changeable)
    .map(({ label }) => label)
  return [
    {
      id: 'corners',
      asks: 'When does a play not stand?',
      answer: restsOf(game, situation, { rules, seats }).join(' '),
      words: 'corner case may not allowed refused wrong forbidden counts',
    },
    {
      id: 'argue',
      asks: 'We can’t agree whether it counts. What now?',
      answer:
        'The verdict gives its reason and the working. Where your table sees it otherwise, make a ruling: change the house rule, give points, or let it stand; it may be voted on.',
      words: 'dispute argue referee ruling vote unfair',
    },
    {
      id: 'change-rules',
      asks: 'May we change a rule in the middle?',
      answer: `By a ruling: ${list(changeable)}. Anything else would change what was played already.`,
      words: 'house rule ruling other rules',
    },
    {
      id: 'two-at-once',
      asks: 'Two play or call at once. Who was first?',
      answer: game.about.turns
        ? 'Whoever is on turn; out of turn nothing counts.'
        : 'The referee says who was first; if nobody knows, it is nobody’s, and you go on.',
      words: 'same time together first quicker',
    },
    {
      id: 'look',
      asks: 'May I look it up, or use an aid?',
      answer:
        'Yes: say so, and it is noted as found with help. On their own, the app keeps to itself what a child is to find.',
      words: 'hint help chart peek look cheat',
    },
    {
      id: 'on-their-own',
      asks: 'What does the app keep to itself when they play on their own?',
      answer: `${game.about.finds.hides.join('; ').replace(/^./, (first) => first.toUpperCase())}.`,
      words: 'secret hide alone without referee',
    },
    {
      id: 'slips',
      asks: 'What goes wrong most often?',
      answer: game.about.slips.join(' '),
      words: 'usual mistakes slips watch out',
    },
  ]
}

/** Begins the ids of a game's own corner cases. Their answers are the judge's, given when they are read. */
export const CASE = 'case-'

function ofCorners(game: Game, situation: Situation, rules: CommonRules, seats: number): Question[] {
  return situation.corners(rules).map((corner, i) => ({
    id: `${CASE}${i + 1}`,
    asks: corner.asks,
    get answer() {
      return answerCorner(game, situation, { rules, seats }, corner)?.says ?? 'Under these rules it does not come up.'
    },
    words: `may allowed ${corner.words ?? ''}`,
  }))
}

function atTheEnd(game: Game, rules: CommonRules, seats: number): Question[] {
  const told = [...game.wording.readBack(rules, seats), ...game.ready.aloud(rules, seats)]
  const common = sayCommonRules(game, rules)
  const best = BEST[bestNow({ game }, { rules })]
  return [
    {
      id: 'over',
      asks: 'When is it over?',
      answer: among(
        told,
        /\b(over|ends?|until|rounds?|turns?|first to|reach|wins?|last|home|all)\b/i,
        'When nothing can be played any more.',
      ),
      words: 'end finish stop goal rounds',
    },
    {
      id: 'who-wins',
      asks: 'Who wins?',
      answer: among(told, /\bwins?\b/i, best),
      words: 'winner best most fewest score',
    },
    {
      id: 'tie',
      asks: 'What if it is level at the end?',
      answer: among(common, /^Level at the end/, ''),
      words: 'tie draw same points share',
    },
    {
      id: 'time-out',
      asks: 'What if there is no time left?',
      answer:
        rules.minutes === null
          ? 'No clock was agreed. End the match from “more”: the standing decides, or leave it and go on another day.'
          : among(common, /clock/i, ''),
      words: 'clock stop early bell',
    },
    {
      id: 'leaves',
      asks: 'Somebody has to leave. What now?',
      answer:
        'End the match after the round, the standing decides; or, in the room, touch the table: what was reached is told, and it begins anew with who is there.',
      words: 'left early gone absent home',
    },
  ]
}

/** A question for each of the game's own house rules. */
function ofRules(game: Game, rules: CommonRules): Question[] {
  return ruleFields(game).map((field) => {
    const now = (rules as unknown as Readonly<Record<string, unknown>>)[field.name]
    return {
      id: `rule-${field.name}`,
      asks: `${field.label}: what is that?`,
      answer: `${field.hint} Today: ${sayRuleValue(field, now ?? field.default)}.`,
      words: `house rule ${field.label}`,
    }
  })
}
