import type { NextLevel } from '#core/nextLevel'

/** Why another school is proposed after a match, in one honest sentence. */
export function sayNextLevel({ preset, way, from, right, of }: NextLevel): string {
  const what = from === 'answers' ? 'answers were right' : 'plays stood'
  const why = `${right} of ${of} ${what}`
  return way === 'harder' ? `${why}: “${preset.label}” would be the next step.` : `${why}: “${preset.label}” would be easier to go on with.`
}
