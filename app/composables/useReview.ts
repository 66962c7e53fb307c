import { readEntry } from '#core/contract/entries'
import { standing } from '#core/kernel/match'
import { addEntry, changedVerdicts, tapeAfter, type Tape } from '#core/kernel/tape'
import type { MatchStore } from '~/stores/match'

/** What corrections that are being tried would change: verdicts, and scores by seat. */
function useChanges(store: MatchStore, tried: Ref<Tape | null>, pending: Ref<readonly object[]>) {
  const changed = computed(() =>
    store.tape && tried.value && pending.value.length ? changedVerdicts(store.tape, tried.value) : [],
  )
  const scores = computed(() => {
    const [before, after] = [store.tape, tried.value]
    if (!before || !after) return []
    const then = standing(before.table, before.state)
    return standing(after.table, after.state).map((score, i) => ({ seat: i + 1, before: then[i]!, after: score }))
  })
  return { changed, scores }
}

/**
 * Looking back over a match and putting it right. Corrections are tried on the tape first: what they change is
 * named before anything is recorded, and each entry that they upset can be put right in the same breath.
 */
export function useReview(store: MatchStore) {
  /** How many entries the table is shown after; null is now. */
  const at = ref<number | null>(null)
  /** The entry that is being amended. */
  const amending = ref<number | null>(null)
  const pending = shallowRef<readonly object[]>([])
  /** What is half entered for the amend. */
  const half = shallowRef<unknown>(null)

  /** The tape with the corrections that are being tried. */
  const tried = computed<Tape | null>(() => (store.tape ? pending.value.reduce(addEntry, store.tape) : null))
  /** The match as the table shows it. */
  const shown = computed<Tape | null>(() => {
    if (!tried.value) return null
    if (amending.value !== null) return tapeAfter(tried.value, amending.value - 1)
    return at.value === null ? (pending.value.length ? tried.value : store.tape) : tapeAfter(tried.value, at.value)
  })
  const looking = computed(() => at.value !== null || pending.value.length > 0)
  /** The entry that the table is shown after. */
  const line = computed(() => (at.value === null ? null : (tried.value?.lines[at.value - 1] ?? null)))
  const { changed, scores } = useChanges(store, tried, pending)

  function look(entries: number) {
    const most = store.tape?.lines.length ?? 0
    amending.value = null
    at.value = Math.max(0, Math.min(most, entries))
  }

  function leave() {
    at.value = null
    amending.value = null
    pending.value = []
  }

  function amend(entry: number) {
    at.value = entry
    amending.value = entry
  }

  function stopAmending() {
    amending.value = null
  }

  /** Tries a correction; a later one of the same entry takes the place of the earlier. */
  function attempt(correction: { amend: number } | { strike: number } | { amend: 0; opening: unknown }) {
    const target = targetOf(correction)
    amending.value = null
    pending.value = [...pending.value.filter((other) => targetOf(other) !== target), correction]
  }

  function drop(correction: object) {
    pending.value = pending.value.filter((other) => other !== correction)
  }

  /** Records the corrections that were tried, in their order, and goes back to the match as it stands. */
  function confirm(why: string) {
    const remark = why.trim()
    for (const correction of pending.value) store.record(remark ? { ...correction, why: remark } : correction)
    leave()
  }

  return {
    at,
    amending,
    pending,
    half,
    shown,
    looking,
    line,
    changed,
    scores,
    look,
    leave,
    amend,
    stopAmending,
    attempt,
    drop,
    confirm,
  }
}

/** The entry that a correction is about; 0 for the opening. */
function targetOf(correction: object): number | null {
  const entry = readEntry(correction)
  if (entry.kind === 'reopen') return 0
  return entry.kind === 'amend' || entry.kind === 'strike' ? entry.target : null
}

export type Review = ReturnType<typeof useReview>
