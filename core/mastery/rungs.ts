/** How far help goes, rung by rung: an empty drawing to work on, half of it filled in, all of it there to be counted. */
export const RUNGS = ['empty', 'half', 'counted'] as const
export type Rung = (typeof RUNGS)[number]
