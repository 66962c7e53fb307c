// Loaded into a server with --import: tells on SIGUSR2 for how long its loop was held at most since the last time.
import { monitorEventLoopDelay } from 'node:perf_hooks'

const delay = monitorEventLoopDelay({ resolution: 5 })
delay.enable()
process.on('SIGUSR2', () => {
  process.stderr.write(`held ${Math.round(delay.max / 1e6)} ms\n`)
  delay.reset()
})
