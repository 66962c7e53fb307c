import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'

/** What is measured here, in the Prometheus text format: counts and times, nothing of what is in them. */
export const registry = new Registry()
collectDefaultMetrics({ register: registry })
const registers = [registry]
/** Bounds of durations, in seconds. */
const buckets = [0.002, 0.005, 0.01, 0.02, 0.04, 0.06, 0.1, 0.15, 0.25, 0.5, 1, 3]

export const requestSeconds = new Histogram({
  ...{ name: 'nimble_request_seconds', registers, buckets },
  help: 'How long requests took, by route and the first figure of their status; of a stream until it began.',
  labelNames: ['method', 'route', 'status'] as const,
})
export const appendSeconds = new Histogram({
  ...{ name: 'nimble_append_seconds', registers, buckets },
  help: 'How long an entry took from its request to being on the disk.',
  labelNames: ['outcome'] as const,
})
export const writeWaitSeconds = new Histogram({
  ...{ name: 'nimble_write_wait_seconds', registers, buckets },
  help: 'How long a transaction that writes waited for a connection.',
})
export const writes = new Gauge({
  ...{ name: 'nimble_writes', registers },
  help: 'Transactions that write and are under way, or wait for a connection.',
})
export const connections = new Gauge({
  ...{ name: 'nimble_connections_most', registers },
  help: 'Connections to the database that queries share at most; 1 in a folder.',
})
export const connectionsTaken = new Gauge({
  ...{ name: 'nimble_connections_taken', registers },
  help: 'Connections to a PostgreSQL server that queries have now.',
})
export const connectionsWaiting = new Gauge({
  ...{ name: 'nimble_connections_waiting', registers },
  help: 'Queries that wait for a connection to a PostgreSQL server now.',
})
export const refusals = new Counter({
  ...{ name: 'nimble_refusals_total', registers },
  help: 'Requests that were refused, by their code.',
  labelNames: ['code'] as const,
})
export const streams = new Gauge({
  ...{ name: 'nimble_streams', registers },
  help: 'Streams of events that are open: desks, lists and boards that follow.',
})
