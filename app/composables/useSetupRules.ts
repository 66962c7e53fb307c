import { isEqual } from 'ohash/utils'
import type { Game } from '#core/contract/game'
import type { Problem } from '#core/contract/problem'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'

/** The house rules of a match that is being set up: what is usual, what differs, what is wrong with them. */
export function useSetupRules(game: () => Game, players: () => number, begin: Readonly<Record<string, unknown>>) {
  const rules = ref<Record<string, unknown>>({ ...defaultRules(game(), players()), ...begin })
  /** What every rule is by itself with these seats and these other rules. */
  const usual = computed(() => defaultRules(game(), players(), rules.value))
  const fields = computed(() => fieldsWith(game(), usual.value))
  // A rule that was left as usual stays so when what is usual changes with another rule, or with who plays.
  watch(usual, (now, before) => {
    const follows = Object.keys(now).filter(
      (rule) => !isEqual(now[rule], before[rule]) && isEqual(rules.value[rule], before[rule]),
    )
    const gone = Object.keys(before).filter((rule) => !(rule in now) && Object.keys(now).length)
    if (gone.length)
      rules.value = Object.fromEntries(Object.entries(rules.value).filter(([rule]) => !gone.includes(rule)))
    if (follows.length)
      rules.value = { ...rules.value, ...Object.fromEntries(follows.map((rule) => [rule, now[rule]])) }
  })
  const read = computed(() => readHouseRules(game(), rules.value, players()))
  const problems = computed<readonly Problem[]>(() => (read.value.ok ? [] : read.value.problems))
  const problemOf = (rule: string) => ruleProblem(problems.value, rule, game())
  /** Only what differs from the defaults: that is what the match file names. */
  const named = computed(() => namedOnly(rules.value, usual.value))

  function usePreset(preset: Readonly<Record<string, unknown>>) {
    rules.value = { ...defaultRules(game(), players(), preset), ...preset }
  }

  /** What a match file names of the rules chosen where other than the present number plays: defaults are counted anew. */
  function namedFor(count: number) {
    const chosen = Object.fromEntries(
      Object.entries(rules.value).filter(([rule, value]) => !isEqual(value, usual.value[rule])),
    )
    return namedOnly({ ...defaultRules(game(), count, chosen), ...chosen }, defaultRules(game(), count))
  }
  return { rules, fields, read, problems, problemOf, named, usePreset, namedFor }
}
