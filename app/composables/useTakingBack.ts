import type { Line } from '#core/kernel/tape'
import { newestToRedo, newestToStrike } from '#core/kernel/tape'
import { mayHelperRecord } from '#core/room/helper'
import { sayEntry } from '#core/wording/index'
import type { Desk } from '~/composables/useDesk'
import type { MatchStore } from '~/stores/match'

/** Taking the newest entry back and bringing it back again; what an older one brings with it is shown first. */
export function useTakingBack(store: MatchStore, desk: Desk, review: Review) {
  const { helping } = desk
  const undoable = computed(() => {
    const { tape } = store
    const newest = tape && newestToStrike(tape)
    return newest && (!helping.value || mayHelperRecord(tape, { strike: newest.number })) ? newest : null
  })
  const redoable = computed(() => (store.tape && !helping.value ? newestToRedo(store.tape) : null))
  /** What was taken back just now, offered again until the next entry. */
  const takenBack = ref<string | null>(null)

  function undo() {
    const line = undoable.value
    if (!line || !store.tape) return
    takenBack.value = sayEntry(store.tape.table, line)
    desk.settle()
    desk.enter(null)
    store.record({ strike: line.number })
  }
  function redo() {
    if (!redoable.value) return
    takenBack.value = null
    store.record({ strike: redoable.value.number })
  }
  function strike(line: Line) {
    if (line.number === undoable.value?.number) undo()
    else review.attempt({ strike: line.number })
  }
  return { undoable, redoable, takenBack, undo, redo, strike }
}
