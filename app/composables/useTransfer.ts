import { postText, type FileProblem } from '~/utils/api'

/** Bringing files in: what happened, or what is wrong with the file and where. */
export function useTransfer() {
  const busy = ref(false)
  const done = ref<string | null>(null)
  const problems = ref<readonly FileProblem[]>([])
  const imported = ref<string | null>(null)
  /** Matches of an archive that could not be read; all others were brought back. */
  const broken = ref<readonly FileProblem[]>([])

  async function run(what: () => Promise<string>) {
    busy.value = true
    done.value = null
    problems.value = []
    imported.value = null
    broken.value = []
    try {
      done.value = await what()
    } catch (error) {
      problems.value = problemsOf(error) ?? [{ path: '', says: saysOf(error) }]
    } finally {
      busy.value = false
    }
  }

  const importMatch = (file: File) =>
    run(async () => {
      const { id, entries, slips } = await postText('/api/matches/import', await textOfWanted(file, 'match'))
      imported.value = id
      return `${file.name}: ${entries} entries judged, ${slips === 0 ? 'all stand' : slips === 1 ? '1 of them doesn’t stand and is a slip' : `${slips} of them don’t stand and are slips`}.`
    })

  const restore = (file: File) =>
    run(async () => {
      const { people, matches, already, left, leftOut } = await postText(
        '/api/archive',
        await textOfWanted(file, 'archive'),
      )
      broken.value = left
      const here = already ? ` ${already} matches were here already and stay as they are.` : ''
      const others = leftOut > left.length ? ` ${leftOut} could not be read; the first are named.` : ''
      return `Brought back: ${matches} matches and ${people} people.${here}${others}`
    })

  return { busy, done, problems, imported, broken, importMatch, restore }
}
