/**
 * A page on which a game under these rules is learned: it plays itself, one situation is judged, one match is tried, plays are
 * refereed, or positions weighed.
 */
export function learnPath(
  page: 'watch' | 'may-i' | 'try' | 'referee' | 'weigh',
  game: string,
  rules: Readonly<Record<string, unknown>> = {},
): string {
  const named = Object.keys(rules).length ? `?rules=${encodeURIComponent(JSON.stringify(rules))}` : ''
  return `/${page}/${game}${named}`
}

/** The page on which a match is set up with these people, in a game and under a preset or rules where they are named. */
export function newMatchPath({
  game,
  preset,
  rules,
  toward,
  names = [],
}: {
  game?: string
  preset?: string
  rules?: Readonly<Record<string, unknown>>
  /** An aim that the house rules go by, as a key, whoever sits there. */
  toward?: string
  names?: readonly string[]
}): string {
  const parts = [
    ...(game ? [`game=${game}`] : []),
    ...(preset ? [`preset=${preset}`] : []),
    ...(rules ? [`rules=${encodeURIComponent(JSON.stringify(rules))}`] : []),
    ...(toward ? [`toward=${encodeURIComponent(toward)}`] : []),
    ...names.map((name) => `with=${encodeURIComponent(name)}`),
  ]
  return `/new?${parts.join('&')}`
}
