import { classesAmong, classesShape, MOST_CLASSES, ofClass } from '#core/room/classes'

const people = [
  { name: 'Ines', classes: ['Herons', 'Chess'] },
  { name: 'Bao', classes: [] },
  { name: 'Wren', classes: ['Chess'] },
]

test('classes are those that somebody belongs to, each once', () => {
  expect(classesAmong(people)).toEqual(['Chess', 'Herons'])
  expect(classesAmong([])).toEqual([])
})

test('who belongs to a class; everybody where none is asked for', () => {
  expect(ofClass(people, 'Chess').map(({ name }) => name)).toEqual(['Ines', 'Wren'])
  expect(ofClass(people, '')).toHaveLength(3)
  expect(ofClass(people, 'Terns')).toEqual([])
})

test('a class is named, each once, and there are not too many', () => {
  expect(classesShape.parse([' Herons ', 'Herons'])).toEqual(['Herons'])
  expect(classesShape.safeParse(['']).success).toBe(false)
  expect(classesShape.safeParse(Array.from({ length: MOST_CLASSES + 1 }, (_, i) => `C${i}`)).success).toBe(false)
})
