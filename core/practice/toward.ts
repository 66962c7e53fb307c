import type { GameId } from '#core/games/ids'
import type { Aim } from '#core/mastery/aims'

/** Aims by seat, of whoever sits there; nobody known has none. */
type BySeat = readonly (readonly Aim[])[]
type Toward = (aims: BySeat) => Readonly<Record<string, unknown>> | null

/** Targets that a pack of the usual cards makes in several ways. */
const [LEAST, MOST] = [5, 14]

const target: Toward = (aims) => {
  const found = aims.flat().find((aim) => aim.kind === 'target' && aim.of >= LEAST && aim.of <= MOST)
  return found?.kind === 'target' ? { target: found.of } : null
}
const tableOf = (aims: readonly Aim[]) => aims.find((aim) => aim.kind === 'table')?.of
/** A ladder without anybody's own table goes by the usual factor. */
const USUAL = 3

/** Games whose house rules can be turned toward what somebody at the table works on. */
const TOWARD: Partial<Readonly<Record<GameId, Toward>>> = {
  'ask-for-rest': target,
  'roof-tiles': target,
  'turn-two': target,
  'call-row': target,
  'six-heaps': target,
  'perch-and-push': (aims) => {
    const table = tableOf(aims.flat())
    return table === undefined ? null : { combine: 'times', with: table }
  },
  'table-ladder': (aims) =>
    tableOf(aims.flat()) === undefined ? null : { factors: aims.map((own) => tableOf(own) ?? USUAL) },
}

export const TOWARD_GAMES = Object.keys(TOWARD) as readonly GameId[]

/** House rules of a game that serve what those at the table work on, by seat; null where none do. */
export const rulesToward = (game: string, aims: BySeat): Readonly<Record<string, unknown>> | null =>
  TOWARD[game as GameId]?.(aims) ?? null
