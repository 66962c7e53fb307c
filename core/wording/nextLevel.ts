import type { NextLevel } from '#core/kernel/nextLevel'
import { count } from '#core/basics/words'

/** Why another school is proposed after a match, in one honest sentence. */
export function sayNextLevel({ preset, way, right, of, answers, explained }: NextLevel): string {
  const why =
    explained === 0
      ? `${right} of ${of} answers were right`
      : answers === 0
        ? `${right} of ${of} plays that were explained stood`
        : `${right} of ${of} were right (${count(answers, 'answer', 'answers')} and ${count(explained, 'play', 'plays')} explained)`
  return way === 'harder'
    ? `${why}: “${preset.label}” would be the next step.`
    : `${why}: “${preset.label}” would be easier to go on with.`
}
