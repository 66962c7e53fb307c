import { postText } from '~/utils/api'

export interface FileProblem {
  readonly path: string
  readonly says: string
}

/** Bringing files in: what happened, or what is wrong with the file and where. */
export function useTransfer() {
  const busy = ref(false)
  const done = ref<string | null>(null)
  const problems = ref<readonly FileProblem[]>([])
  const imported = ref<string | null>(null)

  async function run(what: () => Promise<string>) {
    busy.value = true
    done.value = null
    problems.value = []
    imported.value = null
    try {
      done.value = await what()
    } catch (error) {
      const listed = error instanceof ApiError ? (error.body.problems as FileProblem[] | undefined) : undefined
      problems.value = listed ?? [{ path: '', says: saysOf(error) }]
    } finally {
      busy.value = false
    }
  }

  const importMatch = (file: File) =>
    run(async () => {
      const { id, entries, slips } = await postText<{ id: string; entries: number; slips: number }>('/api/matches/import', await file.text())
      imported.value = id
      return `${file.name}: ${entries} entries judged, ${slips === 0 ? 'all stand' : `${slips} of them don’t stand and are slips`}.`
    })

  const restore = (file: File) =>
    run(async () => {
      const { people, matches, already } = await postText<{ people: number; matches: number; already: number }>('/api/archive', await file.text())
      return `Brought back: ${matches} matches and ${people} people.${already ? ` ${already} matches were here already and stay as they are.` : ''}`
    })

  return { busy, done, problems, imported, importMatch, restore }
}
