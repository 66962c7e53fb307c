import * as z from 'zod'
import { LEAST_PASSCODE } from '../access/hash'
import { StartRefused } from './startRefused'

/** What is set from outside, named in docs/serving.md. */
const shape = z.object({
  /** The data folder, an absolute path; bin/start sets it. */
  NIMBLE_DATA: z.string().min(1).optional(),
  /** The folder that a new database begins with; bin/start sets it. */
  NIMBLE_PREPARED: z.string().min(1).optional(),
  /** A backup that takes the place of what is there. */
  NIMBLE_RESTORE: z.string().min(1).optional(),
  /** An empty database where the one that was there is gone. */
  NIMBLE_ANEW: z.stringbool().default(false),
  NIMBLE_DEMO: z.stringbool().default(true),
  /** Many rooms in one database, each with a passcode of its own, made by a keeper. */
  NIMBLE_SCHOOL: z.stringbool().default(false),
  /** The keeper's passcode. */
  NIMBLE_KEEPER: z.string().min(LEAST_PASSCODE).optional(),
  NIMBLE_PASSCODE: z.string().min(LEAST_PASSCODE).optional(),
  /** Behind an https proxy: cookies are secure, and links say https. */
  NIMBLE_HTTPS: z.stringbool().default(false),
  /** Behind a proxy that says in X-Forwarded-For, in place of whatever stood there, who asks. */
  NIMBLE_PROXY: z.stringbool().default(false),
  /** Bytes that must be free on the disk: PGlite's log grows by 16 MB at a time, and it loops for ever when it can't. */
  NIMBLE_DISK_MARGIN: z.coerce.number().min(0).default(96_000_000),
  /** `json`: a line of JSON for each request, and for whatever the server says. */
  NIMBLE_LOGS: z.enum(['text', 'json']).default('text'),
  /** Connections to a PostgreSQL server that queries share; one more listens. */
  NIMBLE_CONNECTIONS: z.coerce.number().int().min(2).max(500).default(10),
  /** A folder for backups of rooms; `backups` beside the data where left out, and none on a PostgreSQL server. */
  NIMBLE_BACKUPS: z.string().min(1).optional(),
  /** A PostgreSQL server instead of a folder. */
  DATABASE_URL: z.url({ protocol: /^postgres(ql)?$/ }).optional(),
  NITRO_HOST: z.string().optional(),
  HOST: z.string().optional(),
  NITRO_PORT: z.string().optional(),
  PORT: z.string().optional(),
})

/** The names of all settings. */
export const SETTINGS = shape.keyof().options

const WANTED: Readonly<Record<string, string>> = {
  NIMBLE_DISK_MARGIN: 'a number of bytes',
  NIMBLE_CONNECTIONS: 'a number from 2 to 500',
  NIMBLE_LOGS: 'text or json',
  DATABASE_URL: 'an address like postgres://user@host:5432/name',
}

/** Guessing finds a shorter one; what it was stands in no log. */
const LONGER = `A passcode has at least ${LEAST_PASSCODE} characters; choose a longer one:`
const SAYS: Readonly<Record<string, string>> = {
  NIMBLE_PASSCODE: `${LONGER} bin/start --passcode WORD`,
  NIMBLE_KEEPER: `${LONGER} NIMBLE_KEEPER=WORD`,
}

/** An address as it may stand in a log. */
const withoutPassword = (value: string) => value.replace(/\/\/.*@/, '//…@')

/** Reads settings; what is set to nothing counts as not set. Throws `StartRefused`, naming the first that is wrong. */
export function readEnvironment(from: Readonly<Record<string, string | undefined>>) {
  const read = shape.safeParse(Object.fromEntries(Object.entries(from).filter(([, value]) => value !== '')))
  if (!read.success) {
    const name = String(read.error.issues[0]?.path[0])
    throw new StartRefused(
      SAYS[name] ?? `${name} is set to “${withoutPassword(from[name] ?? '')}”; it must be ${WANTED[name] ?? '1 or 0'}.`,
    )
  }
  const { NITRO_HOST, HOST = '', NITRO_PORT, PORT = '3000', ...set } = read.data
  return {
    data: set.NIMBLE_DATA,
    prepared: set.NIMBLE_PREPARED,
    restore: set.NIMBLE_RESTORE,
    anew: set.NIMBLE_ANEW,
    demo: set.NIMBLE_DEMO,
    school: set.NIMBLE_SCHOOL,
    keeper: set.NIMBLE_KEEPER,
    passcode: set.NIMBLE_PASSCODE,
    https: set.NIMBLE_HTTPS,
    proxy: set.NIMBLE_PROXY,
    diskMargin: set.NIMBLE_DISK_MARGIN,
    logs: set.NIMBLE_LOGS,
    connections: set.NIMBLE_CONNECTIONS,
    backups: set.NIMBLE_BACKUPS,
    databaseUrl: set.DATABASE_URL,
    host: NITRO_HOST ?? HOST,
    port: NITRO_PORT ?? PORT,
  }
}

let known: ReturnType<typeof readEnvironment> | null = null

/** The settings of this process, read once. */
export const environment = () => (known ??= readEnvironment(process.env))
