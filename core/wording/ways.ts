import type { Rung } from '#core/mastery/rungs'
import type { WayKind } from '#core/mastery/ways'

/** What a way to a fact is called, and the thought behind it in one line. */
export const WAYS: Readonly<Record<WayKind, { readonly name: string; readonly says: string }>> = {
  'make-ten': { name: 'Make ten', says: 'Fill up to the next ten, then add what is left.' },
  'near-double': { name: 'Near double', says: 'Double the smaller one, then add what is over.' },
  'tens-and-ones': { name: 'Part by part', says: 'Take the numbers apart, add like to like, and put it together.' },
  'count-on': { name: 'Count on', says: 'Begin at the larger number and go on one by one.' },
  'add-up': { name: 'Add up', says: 'How far is it from what goes away to what there is?' },
  'over-ten': { name: 'By way of ten', says: 'Go down to the ten first, then take the rest away.' },
  'count-back': { name: 'Count back', says: 'Go back one by one.' },
  doubling: { name: 'Double', says: 'Find half of it, and double that.' },
  'five-and-more': { name: 'Five and some more', says: 'Five of them first, then the others.' },
  'ten-less-one': { name: 'Ten, less one', says: 'Ten of them, and one of them taken away.' },
  'skip-count': { name: 'Skip-count', says: 'One after another, always as many more.' },
  'turn-round': { name: 'Turn it round', says: 'Rows become columns: it is the same number.' },
}

/** How far help went, as it stands on the tape. */
export const HELP: Readonly<Record<Rung | 'shown', string>> = {
  empty: 'helped by a drawing to work on',
  half: 'helped by a drawing, half of it laid',
  counted: 'helped by a drawing, all of it laid',
  shown: 'it was shown',
}
