import { LazyConfirmSheet } from '#components'

interface Question {
  readonly title: string
  readonly says: string
  /** What the key says that does it. */
  readonly yes: string
  readonly no?: string
}

const useSheet = createSharedComposable(() => useOverlay().create(LazyConfirmSheet))

/** Asks before something that can’t be undone; resolves with whether it is to be done. */
export function useConfirm() {
  const sheet = useSheet()
  return async (question: Question): Promise<boolean> => (await sheet.open({ ...question }).result) === true
}
