import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import type { Dip, DipPlay, DipRules, DipState } from '#core/games/token-dip/rules'
import { notUnderstood, readLine, readSaid, writeExtras, writeSaid } from '#core/kit/notation'

/**
 * Notation of Token Dip: `1: dip coral =34`, `2: count coral 3, amber 1`. Short forms: the first letters of a token
 * as far as they tell it from the others: `co =34`.
 */
export function writePlay(play: DipPlay): string {
  if (play.do === 'dip') return `${play.by}: dip ${play.token}${writeSaid(play)}${writeExtras(play)}`
  const counts = Object.entries(play.counts).map(([token, count]) => `${token} ${count}`)
  return `${play.by}: count ${counts.join(', ') || 'nothing'}${writeExtras(play)}`
}

const DIP = /^(?:dip\s+)?(.+?)\s*(?:=\s*([-−]?\d{1,9}))?$/
const COUNT = /^(?:count|recount)(?:\s+(.*))?$/

export function readPlay(text: string, { key }: DipRules, state: DipState): ReadPlay<DipPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const by = seat ?? state.turn
  // A token is written as the key has it; typed in small letters, or by its beginning.
  const find = (typed: string) => {
    const exact = key.find(({ token }) => token.toLowerCase() === typed)
    return exact ? [exact.token] : key.flatMap(({ token }) => (token.toLowerCase().startsWith(typed) ? [token] : []))
  }
  const counted = COUNT.exec(rest)
  if (counted) {
    const counts: Record<string, number> = {}
    for (const part of (counted[1] ?? '').split(/\s*,\s*/).filter((part) => part && part !== 'nothing')) {
      const found = /^(.+?)\s+(\d{1,6})$/.exec(part)
      const tokens = found ? find(itemAt(found, 1)) : []
      if (tokens.length !== 1) return notUnderstood(text)
      counts[itemAt(tokens, 0)] = Number(found![2])
    }
    return { ok: true, play: { do: 'recount', by, counts, ...extras } }
  }
  const dip = DIP.exec(rest)
  const tokens = dip ? find(itemAt(dip, 1)) : []
  if (!dip || !tokens.length) return notUnderstood(text)
  const could = tokens.map((token): Dip => ({ do: 'dip', by, token, ...readSaid(dip[2]), ...extras }))
  return could.length > 1
    ? { ok: false, why: 'ambiguous', facts: { text }, could }
    : { ok: true, play: itemAt(could, 0) }
}
