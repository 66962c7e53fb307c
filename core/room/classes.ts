import * as z from 'zod'

/** Letters of a class's name, and classes that one child may belong to. */
export const LONGEST_CLASS = 30
export const MOST_CLASSES = 8

export const classShape = z.string().trim().min(1).max(LONGEST_CLASS)
/** The classes of somebody, each once. */
export const classesShape = z
  .array(classShape)
  .max(MOST_CLASSES)
  .transform((classes) => [...new Set(classes)])

interface Classed {
  readonly classes: readonly string[]
}

/** Every class that somebody belongs to, in alphabetical order. */
export function classesAmong(people: readonly Classed[]): string[] {
  return [...new Set(people.flatMap(({ classes }) => classes))].sort((a, b) => a.localeCompare(b))
}

/** Those of a class; everybody where none is asked for. */
export function ofClass<P extends Classed>(people: readonly P[], of: string): readonly P[] {
  return of === '' ? people : people.filter(({ classes }) => classes.includes(of))
}
