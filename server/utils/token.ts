/** A token that nobody guesses: whoever knows it may look at one board. */
export const newToken = () => crypto.randomUUID().replaceAll('-', '')
