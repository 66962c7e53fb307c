/** The page on which a match is set up with these people, in a game and under a preset where they are named. */
export function newMatchPath({ game, preset, names = [] }: { game?: string; preset?: string; names?: readonly string[] }): string {
  const parts = [...(game ? [`game=${game}`] : []), ...(preset ? [`preset=${preset}`] : []), ...names.map((name) => `with=${encodeURIComponent(name)}`)]
  return `/new?${parts.join('&')}`
}
