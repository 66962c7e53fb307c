/** What stands in a field of plain data, by a name that is only known as it runs; undefined where there is none. */
export const fieldOf = (of: object, name: string): unknown => (of as Record<string, unknown>)[name]
