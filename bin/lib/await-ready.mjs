import { networkInterfaces } from 'node:os'

// Waits until the server answers, then says where it is. Ends with 1 when the server's process is gone.
const [host, port, pid] = process.argv.slice(2)
const reach = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host
const address = `http://${reach.includes(':') ? `[${reach}]` : reach}:${port}`

/** This machine's own addresses in its networks. */
const reachable = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter((each) => each.family === 'IPv4' && !each.internal)
    .map((each) => each.address)

const alive = () => {
  try {
    process.kill(Number(pid), 0)
    return true
  } catch {
    return false
  }
}

for (let tries = 0; tries < 600; tries++) {
  if (!alive()) process.exit(1)
  try {
    const answer = await fetch(`${address}/api/health`)
    const { place, pid: whose } = answer.ok ? await answer.json() : {}
    // Another Nimble Tally may have the port; this one is about to say so.
    if (answer.ok && (whose === undefined || String(whose) === pid)) {
      const others = host === reach ? [] : reachable().map((other) => `From other devices: http://${other}:${port}`)
      console.log(
        [`\nNimble Tally is ready: ${address}`, ...others, `The data are in ${place}. Ctrl+C stops it.`].join('\n'),
      )
      process.exit(0)
    }
  } catch {
    // Not listening yet.
  }
  await new Promise((resolve) => setTimeout(resolve, 100))
}
console.error('The server did not get ready within a minute.')
process.exit(1)
