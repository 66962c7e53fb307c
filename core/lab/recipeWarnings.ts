import { itemAt } from '#core/basics/lists'
import { figure, grouped } from '#core/basics/words'
import { usesOf } from '#core/games/own-game/bot'
import type { OwnRules, Special } from '#core/games/own-game/houseRules'
import { isOfPlace } from '#core/games/own-game/problems'
import { resultOf } from '#core/games/own-game/rules'
import { saySpecial } from '#core/games/own-game/sayRecipe'
import { open } from '#core/games/own-game/state'
import { specialsHeld } from '#core/games/own-game/throwing'
import { throwsOf } from '#core/games/own-game/throws'
import { ENDLESS, SURELY } from '#core/kernel/estimate'
import type { RecipeTrial } from '#core/lab/recipeTrial'
import { winShares } from '#core/lab/report'
import { isSure, partOf } from '#core/lab/statistics'

/** What a table should know of a recipe before it is played; parts from 0 to 1. */
type RecipeWarning =
  | { readonly code: 'may-not-end'; readonly facts: { readonly part: number } }
  | { readonly code: 'over-at-once'; readonly facts: { readonly part: number } }
  | { readonly code: 'beginning'; readonly facts: { readonly part: number; readonly seats: number } }
  | {
      readonly code: 'special-never'
      /** `sure`: it can never hold; otherwise it did not in so many matches. `at` is its place in the list, from 0. */
      readonly facts: {
        readonly at: number
        readonly special: Special
        readonly sure: boolean
        readonly matches: number
      }
    }
  | { readonly code: 'grows'; readonly facts: { readonly farthest: number } }
  | { readonly code: 'level'; readonly facts: { readonly part: number } }

/** From this part on it is no rare luck. */
const OFTEN = 0.25
/** How far from fair beginning may be before it is told. */
const UNFAIR = 0.04
/** Children add beyond it with trouble. */
const LARGE = 100
/** Throws looked through, to say that a special can never hold. */
const MOST_THROWS = 20_000

/** What should be known of a recipe that is in order, as bots found it; what weighs most first. */
export function recipeWarnings(rules: OwnRules, trial: RecipeTrial): readonly RecipeWarning[] {
  const { matches, ended, level, atOnce, wins, farthest, held } = trial
  if (!matches) return []
  const found: RecipeWarning[] = []
  if (ended / matches < SURELY) found.push({ code: 'may-not-end', facts: { part: 1 - ended / matches } })
  if (atOnce / matches >= OFTEN) found.push({ code: 'over-at-once', facts: { part: atOnce / matches } })
  const seats = wins.length
  const first = itemAt(winShares(trial), 0)
  if (seats > 1 && isSure(first, 1 / seats) && Math.abs(first.value - 1 / seats) >= UNFAIR)
    found.push({ code: 'beginning', facts: { part: first.value, seats } })
  rules.specials.forEach((special, at) => {
    if (held[at]) return
    found.push({ code: 'special-never', facts: { at, special, sure: cannotHold(rules, at, seats), matches } })
  })
  if (Math.abs(farthest) > LARGE) found.push({ code: 'grows', facts: { farthest } })
  if (seats > 1 && partOf(level, matches).low > OFTEN) found.push({ code: 'level', facts: { part: level / matches } })
  return found
}

/** Whether no throw, or no place of the track, ever makes a special hold; false too where that can't be looked through. */
function cannotHold(rules: OwnRules, at: number, seats: number): boolean {
  const special = itemAt(rules.specials, at)
  const { when } = special
  if (isOfPlace(special)) {
    const { track } = rules
    if (when.is === 'on-other') return seats === 1
    return when.is === 'on' && (!track || when.n < track.from || when.n > track.to)
  }
  if (rules.ways.some(({ makes }) => makes === 'calculation')) return false
  let seen = 0
  for (const numbers of throwsOf(rules, open(rules, { seats, first: 1 }).state)) {
    if (seen++ >= MOST_THROWS) return false
    for (const use of usesOf(rules, 1, numbers)) {
      const result = resultOf(rules, use)
      if (!result.stands) continue
      if (specialsHeld(rules, { by: 1, numbers, result: result.value }, [0], null)[at]) return false
    }
  }
  return true
}

const ofHundred = (part: number) => `${Math.max(1, Math.round(100 * part))} of 100`

/** A warning in a sentence that says what to do. */
export function sayRecipeWarning({ code, facts }: RecipeWarning): string {
  switch (code) {
    case 'may-not-end':
      return `${ofHundred(facts.part)} matches were not over after ${grouped(ENDLESS)} plays: agree on rounds, or set a clock.`
    case 'over-at-once':
      return `${ofHundred(facts.part)} matches are over with the very first throw: put the goal farther off.`
    case 'beginning': {
      const fair = Math.round(100 / facts.seats)
      return `Whoever begins wins ${ofHundred(facts.part)}, where ${fair} would be fair: end after even turns, or take turns beginning.`
    }
    case 'special-never':
      return facts.sure
        ? `“${saySpecial(facts.special)}” can never happen: take it out, or change it.`
        : `“${saySpecial(facts.special)}” did not happen once in ${grouped(facts.matches)} matches.`
    case 'grows':
      return `Numbers grow as far as ${figure(facts.farthest)}: fewer rounds or smaller numbers keep them within 100.`
    case 'level':
      return `${ofHundred(facts.part)} end level: agree on an extra round.`
  }
}
