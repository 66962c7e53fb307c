/** A worker in which bots play; whoever asks for it ends it. */
export const startBots = () => new Worker(new URL('./bots.worker.ts', import.meta.url), { type: 'module' })
