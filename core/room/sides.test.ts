import * as fc from 'fast-check'
import { againstReferee, halvesOf } from '#core/room/sides'

const names = fc.uniqueArray(fc.string({ minLength: 1, maxLength: 12 }), { minLength: 2, maxLength: 80 })

test('half and half: everybody on one side, as even as can be', () => {
  fc.assert(
    fc.property(names, (all) => {
      const [one, other] = halvesOf(all).map(({ members }) => members!)
      expect([...one!, ...other!].sort()).toEqual([...all].sort())
      expect(one!.length - other!.length).toBeGreaterThanOrEqual(0)
      expect(one!.length - other!.length).toBeLessThanOrEqual(1)
    }),
  )
})

test('a class against its referee', () =>
  expect(againstReferee(['Ines', 'Bao'])).toEqual([
    { name: 'The class', members: ['Ines', 'Bao'] },
    { name: 'The referee', members: null },
  ]))
