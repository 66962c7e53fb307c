import * as fc from 'fast-check'
import { PAGE, pagesOf } from './pages'

const ofLengths = (...lengths: number[]) => lengths.map((last) => ({ last }))
const lengthsOf = (pages: readonly (readonly { last: number }[])[]) => pages.map((page) => page.map(({ last }) => last))

test.each([
  [[], []],
  [[3], [[3]]],
  [[190, 190], [[190, 190]]],
  [
    [190, 191],
    [[190], [191]],
  ],
  [
    [PAGE * 3, 1, 2],
    [[PAGE * 3], [1, 2]],
  ],
  [
    [1, PAGE * 3, 2],
    [[1], [PAGE * 3], [2]],
  ],
])('matches of %j entries are read in pages %j', (lengths, pages) => {
  expect(lengthsOf(pagesOf(ofLengths(...lengths)))).toEqual(pages)
})

test('every match is on one page, in its order; a page of several is never longer than what is read at once', () => {
  const lengths = fc.array(fc.integer({ min: 0, max: 2 * PAGE }), { maxLength: 60 })
  fc.assert(
    fc.property(lengths, (all) => {
      const pages = lengthsOf(pagesOf(ofLengths(...all)))
      expect(pages.flat()).toEqual(all)
      for (const page of pages)
        if (page.length > 1) expect(page.reduce((sum, last) => sum + last, 0)).toBeLessThanOrEqual(PAGE)
    }),
  )
})
