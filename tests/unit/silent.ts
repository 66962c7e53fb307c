/** What is told aloud about a play: the play itself is the answer of games that list no other. */
const ALOUD: readonly string[] = ['said', 'total', 'explained', 'how', 'announced']

/** A play with nothing said or explained. */
export const silent = (play: object): Record<string, unknown> =>
  Object.fromEntries(Object.entries(play).filter(([name]) => !ALOUD.includes(name)))
