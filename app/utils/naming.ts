/** What this device keeps by itself that may name children, or their classes: a recipe's title may too. */
export const NAMING: readonly string[] = ['room', 'last-setup', 'people-class', 'room-class', 'workshop', 'lab']
