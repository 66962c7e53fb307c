/**
 * Numbers of a spinner or a list typed figure by figure: a figure that can only be one number picks it at once; where it
 * may be the beginning of another, a moment is waited for the next figure. What was recorded ends it.
 */
export function useTypedFace(faces: () => readonly number[], pick: (face: number) => void) {
  const typed = ref('')
  const { start, stop } = useTimeoutFn(settle, WAIT_MS, { immediate: false })
  const fits = (text: string) => [...new Set(faces())].filter((face) => String(face).startsWith(text))

  function clear() {
    stop()
    typed.value = ''
  }
  function settle() {
    const face = Number(typed.value)
    const fit = typed.value !== '' && faces().includes(face)
    clear()
    if (fit) pick(face)
  }
  function type(digit: number) {
    stop()
    typed.value += String(digit)
    const left = fits(typed.value)
    if (!left.length) clear()
    else if (left.length === 1 && String(left[0]) === typed.value) settle()
    else start()
  }
  const { tape } = useDesk()
  watch(() => tape.value?.state.played, clear)
  return { typed, type, clear }
}

/** Milliseconds that a number waits for its next figure. */
const WAIT_MS = 700
