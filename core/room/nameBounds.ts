/** Names that one list may hold. */
export const MOST_NAMES = 64
/** Letters that a name may have. */
export const LONGEST_NAME = 40
