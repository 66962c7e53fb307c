import type { GameId } from '#core/games/ids'

/**
 * By which codes the judge tells each of a game's usual slips, in the order of `about.slips`; none where hands or eyes do it
 * and no play shows it, or where only a hidden card could tell.
 */
export const SLIP_CODES: Readonly<Record<GameId, readonly (readonly string[])[]>> = {
  'ask-for-rest': [['wrong-total'], [], ['not-their-turn'], [], ['not-now'], []],
  'roof-tiles': [['covered'], ['too-many-tiles'], ['wrong-total'], []],
  'turn-two': [[], [], [], []],
  'call-row': [['not-in-row'], ['not-in-row'], ['wrong-total', 'signs-wrong'], []],
  'six-heaps': [[], [], [], ['same-number'], []],
  'perch-and-push': [['not-an-option'], [], [], ['not-an-option', 'wrong-answer']],
  'hundred-stops': [['not-their-turn'], ['wrong-answer'], ['hundreds-not-spent', 'tens-not-spent'], []],
  'exact-landing': [['wrong-answer'], ['wrong-answer'], ['not-their-turn'], ['wrong-answer']],
  'step-and-gather': [['wrong-landing'], ['wrong-answer'], [], ['not-their-turn']],
  'top-total': [[], ['wrong-answer'], ['wrong-answer'], ['not-their-turn']],
  'ten-turn-haul': [['wrong-answer'], ['wrong-answer'], [], ['not-their-turn']],
  brim: [['wrong-answer'], ['wrong-dice-count'], ['wrong-answer'], ['no-rolls-left']],
  'say-it-first': [['wrong-card-count'], ['said-again'], ['not-explained'], []],
  'covered-part': [['wrong-announcement'], [], [], []],
  'table-ladder': [['wrong-answer'], ['wrong-answer'], ['not-their-turn'], ['wrong-answer']],
  'token-dip': [['wrong-answer'], ['wrong-answer'], ['wrong-answer', 'recount-differs'], []],
  'ebb-and-flow': [['wrong-answer'], ['wrong-answer'], ['wrong-answer'], []],
  'column-keeper': [['wrong-answer'], ['column-full'], [], []],
  'place-strike': [['no-match'], ['has-a-match'], ['not-their-turn'], []],
  'skip-count-yard': [['draw-first'], ['not-next'], [], ['corner-needs-lowest']],
  'last-digit-chains': [['not-the-next'], ['not-the-next'], [], ['starts-first']],
  'fill-in-order': [[], ['keeps-going'], ['discard-useless', 'discard-was'], ['could-not-go-there']],
  'own-game': [['wrong-answer'], ['wrong-answer'], ['wrong-answer']],
}

/** The slips of a game that the judge tells by one of these codes, as they are said. */
export function slipsTold(
  { id, about }: { readonly id: string; readonly about: { readonly slips: readonly string[] } },
  codes: readonly string[],
): readonly string[] {
  const told = SLIP_CODES[id as GameId]
  return about.slips.filter((_, i) => told[i]?.some((code) => codes.includes(code)))
}
