import { itemAt } from '#core/basics/lists'
import { shownPart, type Hidden } from '#core/games/covered-part/rules'
import type { GameId } from '#core/games/ids'

/** A slip that no play shows, since hands do it or only hidden cards tell: what somebody does, said as it is seen. */
export interface Act {
  readonly does: (name: string) => string
  /** Under which house rules it is one; under all unless said. */
  readonly when?: (rules: Readonly<Record<string, unknown>>) => boolean
  /** The codes by which the judge tells it under the other ones. */
  readonly codes: readonly string[]
}

/** A play while it is made up: of whichever game, its parts by their names. */
type AnyPlay = Readonly<Record<string, unknown>>

/** Where a slip is made: the play that would come now, the newest one before it, and the match between them. */
interface Made {
  /** The slip as a play; null where it can't come now. */
  readonly makes: (right: AnyPlay, before: AnyPlay | undefined, state: unknown, seats: number) => AnyPlay | null
  /** What the judge says of it, of other plays too: the slip is known by its own sentence. */
  readonly told: string
  /** It comes a moment after the play before, which is told with it. */
  readonly after?: true
}

/** The codes by which the judge tells a slip, how it is made, or what is seen where no play shows it. */
type Shown = readonly string[] | Made | Act

const does = (act: (name: string) => string, when?: Act['when'], codes: readonly string[] = []): Act => ({
  does: act,
  codes,
  ...(when && { when }),
})

/** A wrong guess of a covered part: what is said instead. */
const guessed = (wrong: (total: number, shown: number) => number): Made => ({
  told: 'not-found',
  makes: (right, _before, state) => {
    const { hidden } = state as { readonly hidden: Hidden | null }
    if (right.do !== 'guess' || !hidden) return null
    return { ...right, said: wrong(hidden.total, shownPart(hidden)) }
  },
})

/** The call that was made just now, by the next player once more. */
const CALLED_SECOND: Made = {
  told: 'not-in-row',
  after: true,
  makes: (_right, before, _state, seats) =>
    before?.do === 'call' ? { ...before, by: (Number(before.by) % seats) + 1 } : null,
}

/** How each of a game's usual slips shows, in the order of `about.slips`: one line a game. */
export const SLIPS: Readonly<Record<GameId, readonly Shown[]>> = {
  'ask-for-rest': [
    ['wrong-total'],
    ['cannot-hold-partner'],
    ['not-their-turn'],
    ['denied-known-card'],
    ['not-now'],
    does((name) => `${name} puts a card into the pack whose partner is missing.`),
  ],
  'roof-tiles': [['covered'], ['too-many-tiles'], ['wrong-total'], ['already-gone']],
  'turn-two': [
    does((name) => `${name} turns the second card before saying what is needed.`),
    does((name) => `${name} moves a card to another place while turning it.`),
    does(
      (name) => `${name} keeps a match and leaves its places empty, though the stock has cards.`,
      ({ refill }) => refill === true,
    ),
    does((name) => `${name} goes on turning, though nothing in the layout can match any more.`),
  ],
  'call-row': [['not-in-row'], ['not-in-row'], ['wrong-total', 'signs-wrong'], CALLED_SECOND],
  'six-heaps': [
    does(
      (name) => `${name} makes two lines with one card, and says only one of them.`,
      ({ counted }) => counted !== 'spotted',
      ['overlooked'],
    ),
    does(
      (name) => `${name} counts a line that goes round a corner.`,
      ({ counted }) => counted !== 'spotted',
      ['no-line'],
    ),
    does((name) => `${name} adds a card that lies underneath.`),
    ['same-number'],
    does((name) => `${name} has played a card and draws none, though the pack has some.`),
  ],
  'perch-and-push': [
    ['not-an-option'],
    does((name) => `${name} pushes the uppermost marker off a stack and leaves the others.`),
    does((name) => `${name} counts markers of one’s own that were pushed off.`),
    ['not-an-option', 'wrong-answer'],
  ],
  'hundred-stops': [
    ['not-their-turn'],
    ['wrong-answer'],
    ['hundreds-not-spent', 'tens-not-spent'],
    does((name) => `${name} touches a stop and leaves its token there.`),
  ],
  'exact-landing': [['wrong-answer'], ['wrong-answer'], ['not-their-turn'], ['wrong-answer']],
  'step-and-gather': [
    ['wrong-landing'],
    ['wrong-answer'],
    does((name) => `${name} makes a tower of eleven cubes.`),
    ['not-their-turn'],
  ],
  'top-total': [
    does(
      (name) => `The best are level, and ${name} takes the round.`,
      ({ tiedRound }) => tiedRound === 'nobody',
    ),
    ['wrong-answer'],
    ['wrong-answer'],
    ['not-their-turn'],
  ],
  'ten-turn-haul': [
    ['wrong-answer'],
    ['wrong-answer'],
    does((name) => `Everybody stops, and ${name} had a turn fewer than the others.`),
    ['not-their-turn'],
  ],
  brim: [['wrong-answer'], ['wrong-dice-count'], ['wrong-answer'], ['no-rolls-left']],
  'say-it-first': [
    ['wrong-card-count'],
    ['said-again'],
    ['not-explained'],
    does(
      (name) => `${name} wins the cards after a round that nobody won, and leaves those of the pot.`,
      ({ unclaimed }) => unclaimed === 'pot',
    ),
  ],
  'covered-part': [
    ['wrong-announcement'],
    guessed((total) => total),
    guessed((total, shown) => total + shown),
    does((name) => `${name} peeps under the cover.`),
  ],
  'table-ladder': [['wrong-answer'], ['wrong-answer'], ['not-their-turn'], ['wrong-answer']],
  'token-dip': [
    ['wrong-answer'],
    ['wrong-answer'],
    ['wrong-answer', 'recount-differs'],
    does(
      (name) => `${name} puts the token back into the bag, though what is dipped stays out.`,
      ({ bag }) => bag !== null,
    ),
  ],
  'ebb-and-flow': [
    ['wrong-answer'],
    ['wrong-answer'],
    ['wrong-answer'],
    does(
      (name) => `${name} turns a wild and lets the next player turn.`,
      ({ wilds }) => wilds !== 0,
    ),
  ],
  'column-keeper': [
    ['wrong-answer'],
    ['column-full'],
    does((name) => `${name} moves a card that lies in a column to another.`),
    does(
      (name) => `${name} says to have finished, and has thrown no card away.`,
      ({ discards }) => discards !== 0,
    ),
  ],
  'place-strike': [
    ['no-match'],
    ['has-a-match'],
    ['not-their-turn'],
    does((name) => `${name} writes down a number that begins with a zero.`),
  ],
  'skip-count-yard': [['draw-first'], ['not-next'], ['run-complete'], ['corner-needs-lowest']],
  'last-digit-chains': [
    ['not-the-next'],
    ['not-the-next'],
    does((name) => `${name} takes a card from below the top of a fan.`),
    ['starts-first'],
  ],
  'fill-in-order': [
    does((name) => `${name} calls a full row, and one place is still hidden.`),
    ['keeps-going'],
    ['discard-useless', 'discard-was'],
    ['could-not-go-there'],
  ],
  'own-game': [['wrong-answer'], ['wrong-answer'], ['wrong-answer']],
}

/** What only who sees the hands can tell: by which codes, and whose hands. */
interface OpenHands {
  readonly codes: readonly string[]
  readonly of: (play: Readonly<Record<string, unknown>>) => readonly number[]
}

/** Games whose hands lie open before whoever learns to referee them, since some of their slips show in no other way. */
const OPEN_HANDS: Partial<Readonly<Record<GameId, OpenHands>>> = {
  'ask-for-rest': {
    codes: ['cannot-hold-partner', 'denied-known-card'],
    of: ({ do: what, by, of }) => (what === 'ask' ? [by as number, of as number] : []),
  },
}

/** What lies open in a game before whoever learns to referee it; undefined where its hands stay hidden. */
export const openHandsOf = ({ id }: { readonly id: string }): OpenHands | undefined => OPEN_HANDS[id as GameId]

interface Slippery {
  readonly id: string
  readonly about: { readonly slips: readonly string[] }
}

/** What an act is known by among the codes of what was missed. */
const codeOfAct = (at: number) => `act-${at}`

/** Whether a code is that of a slip by its own sentence, not one of the judge's. */
export const isOfSlip = (code: string): boolean => code.startsWith('act-')

/** A slip that is made as a play of its own. */
export interface MadeSlip extends Made {
  readonly code: string
  readonly why: string
}

/** A game's slips that are made as plays. */
export const madeSlips = ({ id, about }: Slippery): readonly MadeSlip[] =>
  SLIPS[id as GameId].flatMap((shown, at) =>
    'makes' in shown ? [{ ...shown, code: codeOfAct(at), why: itemAt(about.slips, at) }] : [],
  )

/** A slip that is seen, and the sentence that says what is wrong with it. */
export interface SeenSlip {
  readonly code: string
  readonly does: Act['does']
  readonly why: string
}

/** A game's slips that no play shows, as far as its house rules have them. */
export function seenSlips({ id, about }: Slippery, rules: Readonly<Record<string, unknown>>): readonly SeenSlip[] {
  return SLIPS[id as GameId].flatMap((shown, at) =>
    'does' in shown && (shown.when?.(rules) ?? true)
      ? [{ code: codeOfAct(at), does: shown.does, why: itemAt(about.slips, at) }]
      : [],
  )
}

/** The slips of a game that were told by one of these codes, as they are said. */
export function slipsTold({ id, about }: Slippery, codes: readonly string[]): readonly string[] {
  const shown = SLIPS[id as GameId]
  return about.slips.filter((_, at) => {
    const one = itemAt(shown, at)
    const toldBy = 'does' in one ? [codeOfAct(at), ...one.codes] : 'makes' in one ? [codeOfAct(at)] : one
    return toldBy.some((code) => codes.includes(code))
  })
}
