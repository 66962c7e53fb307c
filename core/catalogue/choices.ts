/** Which games of a choice board are shown: all, those that nobody of these has played, those that all of them played once at most and somebody did. */
export type ChoiceFilter = 'all' | 'not-yet' | 'only-once'

/** Whether a game belongs to what is filtered, from how often each of the people in question has played it. */
export function isChosen(filter: ChoiceFilter, times: readonly number[]): boolean {
  const most = Math.max(0, ...times)
  if (filter === 'not-yet') return most === 0
  if (filter === 'only-once') return most === 1
  return true
}
