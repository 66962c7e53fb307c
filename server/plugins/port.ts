/** Codes of what keeps a server from listening, with what to do. */
const SAYS: Readonly<Record<string, string>> = {
  EADDRINUSE: 'is taken by another program',
  EACCES: 'is not for everybody to take on this machine',
}

/** A server that can't listen is none: it names the port and ends at once, where Nitro would only report it. */
export default defineNitroPlugin(() => {
  process.prependListener('uncaughtException', (error: NodeJS.ErrnoException & { port?: number }) => {
    const says = error.syscall === 'listen' && SAYS[error.code ?? '']
    if (!says) return
    console.error(`\nPort ${error.port} ${says}. Choose another one: bin/start --port ${Number(error.port) + 1}\n`)
    process.exit(1)
  })
})
