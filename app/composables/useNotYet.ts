/** On their own, something short of a play was not so: said until the next touch that changes anything, and with each play anew. */
export function useNotYet(changes: () => unknown) {
  const desk = useDesk()
  const notYet = ref(false)
  watch([changes, () => desk.tape.value?.state.played], () => (notYet.value = false))
  return { notYet, miss: () => (notYet.value = true) }
}
