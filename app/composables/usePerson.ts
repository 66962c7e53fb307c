import type { OwnBest } from '#core/mastery/bests'
import { masteryOf, shakyOnes, type Try } from '#core/mastery/mastery'
import { slipsOf } from '#core/mastery/slips'
import { count } from '#core/basics/words'
import type { Forgotten, Person, PersonMatch } from '#shared/people'
import { callApi } from '~/utils/api'

/** Facts looked at: the newest ones, years of play. */
const MOST = 5000

/** One person: what they practised and how they stand with it, the matches they sat at; renamed, merged, forgotten. */
export function usePerson(id: string) {
  const { tellDone } = useUndoables()
  /** Somebody has the new name already: both may be one. */
  const same = ref<string | null>(null)
  const { told, failed: unknown, load } = useAnswer(() => knownOf(id))
  /** Why what was wished was not done. */
  const undone = ref<string | null>(null)
  const failed = computed(() => undone.value ?? unknown.value)
  const person = computed(() => told.value?.person ?? null)
  const matches = computed(() => told.value?.matches ?? [])
  const tries = computed(() => told.value?.tries ?? [])
  const bests = computed(() => told.value?.bests ?? [])

  const mastery = computed(() => masteryOf(tries.value, Date.now()))
  const shaky = computed(() => shakyOnes(mastery.value))
  const slips = computed(() => slipsOf(tries.value))
  const hows = computed(() => howsByMonth(tries.value))

  async function rename(name: string, merge = false) {
    same.value = null
    undone.value = null
    try {
      const former = person.value?.name ?? ''
      const asked = { name, ...(merge ? { merge } : {}) }
      const { undo } = await callApi(`/api/people/${id}`, 'PATCH', asked)
      if (undo !== null) {
        tellDone(`${former} and ${name} are one now.`, undo)
        return await navigateTo('/people')
      }
      await load()
    } catch (error) {
      if (error instanceof ApiError && error.code === 'name-taken') same.value = name
      undone.value = saysOf(error)
    }
  }
  /** Changes something that is shown at once, and is as it was where that fails. */
  async function change(changes: Partial<Pick<Person, 'aims' | 'classes'>>) {
    undone.value = null
    const before = told.value
    if (!before) return
    told.value = { ...before, person: { ...before.person, ...changes } }
    try {
      await callApi(`/api/people/${id}`, 'PATCH', changes)
    } catch (error) {
      told.value = before
      undone.value = saysOf(error)
    }
  }
  async function forget(): Promise<Forgotten | null> {
    try {
      const { forgotten, undo } = await callApi(`/api/people/${id}`, 'DELETE')
      tellDone(`${person.value?.name} is forgotten; tomorrow that is final.`, undo, () => navigateTo(`/people/${id}`))
      return forgotten
    } catch (error) {
      undone.value = saysOf(error)
      return null
    }
  }
  return { person, matches, bests, tries, mastery, shaky, slips, hows, failed, same, load, rename, change, forget }
}

interface Known {
  readonly person: Person
  readonly matches: readonly PersonMatch[]
  readonly tries: readonly Try[]
  readonly bests: readonly OwnBest[]
}

/** What is known of somebody: who they are, the matches they sat at, what they practised, their own bests. */
async function knownOf(id: string): Promise<Known> {
  const [{ person, matches }, { facts: tries }, { bests }] = await Promise.all([
    callApi(`/api/people/${id}`),
    callApi(`/api/people/${id}/facts?limit=${MOST}`),
    callApi(`/api/people/${id}/bests`),
  ])
  return { person, matches, tries, bests }
}

/** How answers were explained, by month, the newest first. */
function howsByMonth(tries: readonly Try[]) {
  const byMonth = new Map<string, Map<string, number>>()
  for (const { how, at } of tries) {
    if (how === null) continue
    const month = monthOf(at)
    const counts = byMonth.get(month) ?? new Map<string, number>()
    byMonth.set(month, counts.set(how, (counts.get(how) ?? 0) + 1))
  }
  return [...byMonth].map(([month, counts]) => ({ month, counts: [...counts].sort(([, a], [, b]) => b - a) }))
}

/** What forgetting came to, in words. */
export function sayForgotten({ people, matches, facts, remarks }: Forgotten): string {
  const parts = [
    count(people, 'person', 'people'),
    count(matches, 'match', 'matches'),
    count(facts, 'practised fact', 'practised facts'),
    ...(remarks ? [count(remarks, 'remark', 'remarks')] : []),
  ]
  return parts.join(', ')
}
