/** The referee's two short cards, before and after a match: whether they are shown on this device at all. */
export const useTalk = () => useLocalStorage('talk-cards', true)
