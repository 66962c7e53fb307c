/** What a key of the desk does, by the key. */
type DeskActs = Readonly<Record<string, () => void>>

/** Of these a helper has: taking back, the quick line, what is agreed, the shortcuts. */
const HELPERS_KEYS: readonly string[] = ['z', '/', 'v', '?']

/** The desk's own keys. The pad's come first; what it took is not the desk's, nor anything while a sheet is open. */
export function useDeskKeys(acts: DeskActs, review: Review, resting: () => boolean, helping: Ref<boolean>) {
  const { at, looking } = review
  /** What a key means while a match is looked back over. */
  function back(key: string): (() => void) | undefined {
    const now = at.value
    if (now !== null && key === 'arrowleft') return () => review.look(now - 1)
    if (now !== null && key === 'arrowright') return () => review.look(now + 1)
    return looking.value && key === 'escape' ? review.leave : undefined
  }
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.defaultPrevented || isTyping(event) || event.altKey || resting()) return
    const key = event.key.toLowerCase()
    if (helping.value && !HELPERS_KEYS.includes(key)) return
    const command = event.ctrlKey || event.metaKey
    const own = key === 'z' && event.shiftKey ? 'y' : key
    const act = back(key) ?? (!command || own === 'z' || own === 'y' ? acts[own] : undefined)
    if (!act) return
    act()
    event.preventDefault()
  })
}
