import { inPack, type Pack } from '#core/kit/pack'

/** A card has a partner when the rest of the target is in the pack (two of them where it is its own rest). */
export function hasPartner(pack: Pack, target: number, card: number): boolean {
  const rest = target - card
  return inPack(pack, card) && inPack(pack, rest) && (rest !== card || pack.copies > 1)
}
