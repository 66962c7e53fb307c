import { itemAt } from '#core/basics/lists'
import type { ReadPlay } from '#core/contract/game'
import { endOf, takesOf, type ChainPlay, type ChainRules, type ChainState } from '#core/games/last-digit-chains/rules'
import { notUnderstood, readLine, writeExtras } from '#core/kit/notation'

/**
 * Notation of Last-Digit Chains: `1: take 3>2` (fan, row), `1: redeal 314 159 26` (each fan bottom first), `1: done`. Short
 * forms: `3>2`, or `7` for the only seven that can be taken now. Digits are cards; numbers of more than one stand with commas.
 */
export function writePlay(play: ChainPlay): string {
  const extras = writeExtras(play)
  if (play.do === 'take') return `${play.by}: take ${play.fan}>${play.row}${extras}`
  if (play.do === 'done') return `${play.by}: done${extras}`
  const single = play.fans.every((fan) => fan.length > 0 && fan.every((card) => card >= 0 && card <= 9))
  const fans = single
    ? play.fans.map((fan) => fan.join('')).join(' ')
    : play.fans.map((fan) => `(${fan.join(',')})`).join(' ')
  return `${play.by}: redeal ${fans}`.trimEnd() + extras
}

export function readPlay(text: string, rules: ChainRules, state: ChainState): ReadPlay<ChainPlay> {
  const { by: seat, rest, extras } = readLine(text)
  const going = state.layouts.findIndex((layout) => endOf(rules, layout) === null) + 1
  const by = seat ?? (going || 1)
  if (rest === 'done' || rest === 'stop') return { ok: true, play: { do: 'done', by, ...extras } }
  const take = /^(?:take\s+)?(-?\d{1,4})\s*>\s*(-?\d{1,4})$/.exec(rest)
  if (take) return { ok: true, play: { do: 'take', by, fan: Number(take[1]), row: Number(take[2]), ...extras } }
  const redeal = /^redeal(?:\s+(.*))?$/.exec(rest)
  if (redeal) {
    const fans = readFans(redeal[1] ?? '')
    return fans ? { ok: true, play: { do: 'redeal', by, fans, ...extras } } : notUnderstood(text)
  }
  const layout = state.layouts[by - 1]
  if (!/^\d$/.test(rest) || !layout) return notUnderstood(text)
  const could = takesOf(rules, layout)
    .filter(({ card }) => card === Number(rest))
    .map(({ fan, row }): ChainPlay => ({ do: 'take', by, fan, row, ...extras }))
  if (!could.length) return notUnderstood(text)
  return could.length === 1
    ? { ok: true, play: itemAt(could, 0) }
    : { ok: false, why: 'ambiguous', facts: { text }, could }
}

/** Fans as they are written: `314 159`, or `(3,1,14) ()`. */
function readFans(text: string): number[][] | null {
  if (!text.includes('('))
    return /^[\d\s]*$/.test(text)
      ? text
          .split(/\s+/)
          .filter(Boolean)
          .map((fan) => [...fan].map(Number))
      : null
  const fans = [...text.matchAll(/\(([-\d,]*)\)/g)].map(([, cards]) => cards!.split(',').filter(Boolean).map(Number))
  return text.replace(/\([-\d,]*\)/g, '').trim() === '' ? fans : null
}
