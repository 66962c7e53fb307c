import type { Best } from '#core/contract/game'

/** A match that somebody played to its own end. */
export interface Finished {
  readonly match: string
  readonly game: string
  /** As named: defaults are not repeated. */
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: number
  readonly score: number
  /** ISO 8601. */
  readonly at: string
  /** Which score is best under its rules; null where the match goes to a score, so that all who get there are alike. */
  readonly best: Best | null
  /** What a nearest score is nearest to. */
  readonly goal: number | null
  /** Answers said, and wrong ones among them. */
  readonly said: number
  readonly wrong: number
}

/** Somebody's own best in a game under the same rules, and how it came about. */
export interface OwnBest extends Pick<Finished, 'game' | 'houseRules'> {
  readonly times: number
  readonly best: Best | null
  /** The best score and its match; null where scores tell nothing. */
  readonly top: { readonly score: number; readonly match: string; readonly at: string } | null
  /** The match with the fewest wrong answers among enough; null where too few were said. */
  readonly clearest: { readonly wrong: number; readonly said: number; readonly match: string } | null
  /** Scores in the order they were played. */
  readonly scores: readonly { readonly at: string; readonly score: number }[]
}

/** Answers in a match from which it says something how few were wrong. */
const ENOUGH = 5

/** How good a score is; the larger the better. */
const worth = ({ best, goal, score }: Pick<Finished, 'best' | 'goal' | 'score'>) =>
  best === 'fewest' ? -score : best === 'nearest' ? -Math.abs((goal ?? 0) - score) : score

/** Whether two matches can be compared: the same game under the same rules, in whatever order they were named. */
const alike = (a: Finished, b: Finished) => a.game === b.game && ordered(a.houseRules) === ordered(b.houseRules)

const ordered = (value: unknown): string =>
  JSON.stringify(value, (_key, each: unknown) =>
    typeof each === 'object' && each !== null && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
      : each,
  )

/** Own bests, those played last first. */
export function ownBests(played: readonly Finished[]): OwnBest[] {
  const groups: Finished[][] = []
  for (const each of [...played].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))) {
    const group = groups.find((others) => alike(others[0]!, each))
    if (group) group.push(each)
    else groups.push([each])
  }
  return groups
    .map((group): OwnBest => {
      const { game, houseRules, best } = group[0]!
      const told = group.filter(({ said }) => said >= ENOUGH)
      const top = group.reduce((a, b) => (worth(b) > worth(a) ? b : a))
      const clearest = told.reduce<Finished | null>((a, b) => (a === null || b.wrong < a.wrong ? b : a), null)
      return {
        ...{ game, houseRules, best, times: group.length },
        top: best === null ? null : { score: top.score, match: top.match, at: top.at },
        clearest: clearest && { wrong: clearest.wrong, said: clearest.said, match: clearest.match },
        scores: best === null ? [] : group.map(({ at, score }) => ({ at, score })),
      }
    })
    .reverse()
}

/** In what a match is somebody's best yet: in its score, or in how few answers were wrong; neither where it is the first of its kind. */
export function bestYet(
  played: readonly Finished[],
  match: string,
): { readonly score: boolean; readonly wrong: boolean } {
  const now = played.find((each) => each.match === match)
  const before = now ? played.filter((each) => each.match !== match && each.at < now.at && alike(each, now)) : []
  if (!now || !before.length) return { score: false, wrong: false }
  const told = before.filter(({ said }) => said >= ENOUGH)
  return {
    score: now.best !== null && before.every((each) => worth(now) > worth(each)),
    wrong: now.said >= ENOUGH && told.length > 0 && told.every(({ wrong }) => now.wrong < wrong),
  }
}
