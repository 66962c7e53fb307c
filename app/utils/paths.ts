/** The page on which a match is set up with these people, in a game and under a preset or rules where they are named. */
export function newMatchPath({
  game,
  preset,
  rules,
  names = [],
}: {
  game?: string
  preset?: string
  rules?: Readonly<Record<string, unknown>>
  names?: readonly string[]
}): string {
  const parts = [
    ...(game ? [`game=${game}`] : []),
    ...(preset ? [`preset=${preset}`] : []),
    ...(rules ? [`rules=${encodeURIComponent(JSON.stringify(rules))}`] : []),
    ...names.map((name) => `with=${encodeURIComponent(name)}`),
  ]
  return `/new?${parts.join('&')}`
}
