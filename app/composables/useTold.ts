/** What was done is told for a while, out of the way of what comes next; with `undo` beside it where it can be taken back. */
export function useTold() {
  const toast = useToast()
  return (title: string, undo?: () => unknown) =>
    toast.add({
      title,
      duration: 9000,
      actions: undo ? [{ label: 'Undo', variant: 'key', size: 'key', onClick: () => void undo() }] : [],
    })
}
