import { isEqual } from 'ohash/utils'
import type { Setup } from '~/composables/useSetup'
import type { NamedRules } from '#shared/api'
import { callApi, postText, type FileProblem } from '~/utils/api'

/** House rules that the room keeps under a name, of a game that may change. */
export function useKeptRules(game: Readonly<Ref<{ readonly id: string }>>) {
  const all = ref<readonly NamedRules[]>([])
  async function load() {
    const { id } = game.value
    const { rules } = await callApi(`/api/house-rules?game=${id}`)
    if (id === game.value.id) all.value = rules
  }
  watch(game, () => void load().catch(() => (all.value = [])), { immediate: true })
  return { all, load }
}

/** House rules under a name, of the game that is being set up: kept, used, renamed, deleted, handed on, brought in. */
export function useNamedRules({ game, named, usePreset }: Pick<Setup, 'game' | 'named' | 'usePreset'>) {
  const { all, load } = useKeptRules(game)
  const failed = ref<string | null>(null)
  const problems = ref<readonly FileProblem[]>([])
  const done = ref<string | null>(null)

  /** Does something with the list, and tells what came of it; true where it worked. */
  async function run(what: () => Promise<string>): Promise<boolean> {
    failed.value = done.value = null
    problems.value = []
    try {
      done.value = await what()
      await load()
      return true
    } catch (error) {
      const listed = problemsOf(error)
      problems.value = listed ?? []
      failed.value = listed ? 'The file can’t be used; nothing was changed.' : saysOf(error)
      return false
    }
  }

  const keep = (name: string) =>
    run(async () => {
      await callApi('/api/house-rules', 'POST', { game: game.value.id, name, houseRules: named.value })
      return `Kept as “${name}”.`
    })
  const rename = ({ id }: NamedRules, name: string) =>
    run(async () => {
      await callApi(`/api/house-rules/${id}`, 'PATCH', { name })
      return `Now called “${name}”.`
    })
  const put = ({ id, name }: NamedRules, houseRules: object, says: string) =>
    run(async () => {
      await callApi(`/api/house-rules/${id}`, 'PATCH', { houseRules })
      return `“${name}” ${says}.`
    })
  /** Keeps the rules as they stand now under a name that is there. */
  const replace = (rules: NamedRules) => put(rules, named.value, 'is now what stands here')
  /** What stood under the name before it was replaced. */
  const putBack = (rules: NamedRules) => put(rules, rules.houseRules, 'is what it was before')
  const remove = ({ id, name }: NamedRules) =>
    run(async () => {
      await callApi(`/api/house-rules/${id}`, 'DELETE')
      return `“${name}” is deleted.`
    })
  const bringIn = (file: File) =>
    run(async () => {
      const kept = await postText('/api/house-rules/import', await textOfWanted(file, 'house-rules'))
      return kept.game === game.value.id
        ? `“${kept.name}” is here now.`
        : `“${kept.name}” is here now, among those of its own game.`
    })

  const use = ({ houseRules }: NamedRules) => usePreset({ ...houseRules })
  /** The one that stands now; undefined where none does. */
  const now = computed(() => all.value.find(({ houseRules }) => isEqual(houseRules, named.value)))
  return { all, now, failed, problems, done, keep, rename, replace, putBack, remove, bringIn, use }
}
