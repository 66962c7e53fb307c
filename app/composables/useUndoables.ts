import type { Undoable } from '#shared/api'
import { callApi } from '~/utils/api'

/** Taking back what was deleted, merged or forgotten, for a day: told beside what was done, and listed by `load`. */
export function useUndoables() {
  const told = useTold()
  const all = shallowRef<readonly Undoable[]>([])
  const load = async () => (all.value = (await callApi('/api/undo')).undoables)

  /** Takes one back; says so, or why not. */
  async function takeBack(id: string): Promise<boolean> {
    try {
      await callApi(`/api/undo/${id}`, 'POST')
      told('It is as it was.')
      return true
    } catch (error) {
      told(saysOf(error))
      return false
    }
  }
  /** Tells what was done, with the key that takes it back. */
  const tellDone = (says: string, id: string, after?: () => unknown) =>
    told(says, async () => {
      if (await takeBack(id)) await after?.()
    })
  return { all, load, takeBack, tellDone }
}
