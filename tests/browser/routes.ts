import { readdirSync } from 'node:fs'

/** What there is on a server to ask for: made by `settle`, one of each kind. */
export interface Settled {
  readonly match: string
  /** A match beside, at which nobody helps. */
  readonly other: string
  readonly person: string
  readonly second: string
  readonly helper: string
  readonly code: string
  readonly board: string
  readonly roomBoard: string
  readonly session: string
  readonly rules: string
  readonly archive: unknown
  /** Something that was deleted, and can be taken back. */
  readonly undo: string
}

/** Who asks, beside the referee: a stranger (boards are theirs by link), and a helper at `match`. */
export type Who = 'stranger' | 'helper'

/** One route as it is asked for. */
export interface Asked {
  readonly path: (at: Settled) => string
  readonly body?: (at: Settled) => unknown
  /** What a referee is answered; 200 unless said otherwise. */
  readonly status?: number
  /** It answers with a stream of events. */
  readonly stream?: true
  /** The keeper of a school may ask for it too. */
  readonly keepers?: true
  /** Whoever else may ask for it. */
  readonly open?: readonly Who[]
}

const BOTH = ['stranger', 'helper'] as const
const seats = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const FILE = {
  format: 'nimble-tally/match',
  version: 1,
  game: 'brim',
  players: ['Ines', 'Tomasz'],
  entries: [{ call: 'note' }],
}
const RULES = {
  format: 'nimble-tally/house-rules',
  version: 1,
  game: 'brim',
  name: 'Brought in',
  houseRules: { limit: 24 },
}
const DAY = `from=${encodeURIComponent(new Date(Date.now() - 3_600_000).toISOString())}&to=${encodeURIComponent(new Date(Date.now() + 3_600_000).toISOString())}`

/**
 * Every route of the server, in an order in which they can be asked for one after another: what changes little comes first,
 * what ends or deletes things last. The suite compares it with the files in `server/api`.
 */
export const ROUTES: Readonly<Record<string, Asked>> = {
  'GET /api/alive': { path: () => '/api/alive', open: BOTH },
  'GET /api/health': { path: () => '/api/health', open: BOTH },
  // The keeper's passcode opens it, and nothing else.
  'GET /api/metrics': { path: () => '/api/metrics', status: 401, keepers: true },
  'GET /api/session': { path: () => '/api/session', open: BOTH },
  'GET /api/reach': { path: () => '/api/reach' },
  'GET /api/matches': { path: () => '/api/matches?which=all' },
  'GET /api/matches/[id]': { path: ({ match }) => `/api/matches/${match}`, open: ['helper'] },
  'GET /api/matches/[id]/live': { path: ({ match }) => `/api/matches/${match}/live`, stream: true, open: ['helper'] },
  'PUT /api/matches/[id]/asked': {
    path: ({ match }) => `/api/matches/${match}/asked`,
    body: () => ({ after: 0, question: 'fits', hands: [3, 1] }),
  },
  'PUT /api/matches/[id]/help': { path: ({ match }) => `/api/matches/${match}/help`, body: () => ({ help: null }) },
  'GET /api/matches/[id]/bests': { path: ({ match }) => `/api/matches/${match}/bests` },
  'GET /api/matches/[id]/export': { path: ({ match }) => `/api/matches/${match}/export?as=csv` },
  'GET /api/matches/[id]/helpers': { path: ({ match }) => `/api/matches/${match}/helpers` },
  'GET /api/live': { path: () => '/api/live', stream: true },
  'GET /api/boards/[token]': { path: ({ board }) => `/api/boards/${board}`, open: BOTH },
  'GET /api/boards/[token]/live': { path: ({ board }) => `/api/boards/${board}/live`, stream: true, open: BOTH },
  'GET /api/room/boards/[token]': { path: ({ roomBoard }) => `/api/room/boards/${roomBoard}`, open: BOTH },
  'GET /api/room/boards/[token]/live': {
    path: ({ roomBoard }) => `/api/room/boards/${roomBoard}/live`,
    stream: true,
    open: BOTH,
  },
  'GET /api/room': { path: () => '/api/room' },
  'GET /api/room/zone': { path: () => '/api/room/zone' },
  'PUT /api/room/zone': { path: () => '/api/room/zone', body: () => ({ zone: 'Pacific/Auckland' }) },
  'GET /api/room/session': { path: () => '/api/room/session' },
  'GET /api/room/session/ended': { path: () => '/api/room/session/ended' },
  'GET /api/room/session/[id]': { path: ({ session }) => `/api/room/session/${session}` },
  'GET /api/room/session/[id]/export': { path: ({ session }) => `/api/room/session/${session}/export` },
  'GET /api/people': { path: () => '/api/people' },
  'GET /api/people/seen': { path: () => '/api/people/seen' },
  'GET /api/people/shaky': { path: ({ person, second }) => `/api/people/shaky?who=${person},${second}` },
  'GET /api/people/[id]': { path: ({ person }) => `/api/people/${person}` },
  'GET /api/people/[id]/bests': { path: ({ person }) => `/api/people/${person}/bests` },
  'GET /api/people/[id]/facts': { path: ({ person }) => `/api/people/${person}/facts` },
  'GET /api/people/[id]/export': { path: ({ person }) => `/api/people/${person}/export` },
  'GET /api/choices': { path: () => '/api/choices' },
  'GET /api/day': { path: () => `/api/day?${DAY}` },
  'GET /api/day/export': { path: () => `/api/day/export?${DAY}` },
  'GET /api/ways': { path: () => `/api/ways?${DAY}&names=1` },
  'GET /api/logbook': { path: ({ person, second }) => `/api/logbook?who=${person},${second}&q=Lantern&game=brim` },
  'GET /api/logbook/weeks': { path: ({ person }) => `/api/logbook/weeks?who=${person}` },
  'GET /api/logbook/series': { path: ({ person, second }) => `/api/logbook/series?who=${person},${second}` },
  'GET /api/logbook/tables': { path: () => '/api/logbook/tables' },
  'GET /api/logbook/export': { path: ({ person }) => `/api/logbook/export?who=${person}` },
  'GET /api/paces': { path: () => '/api/paces' },
  'GET /api/house-rules': { path: () => '/api/house-rules?game=brim' },
  'GET /api/house-rules/[id]/export': { path: ({ rules }) => `/api/house-rules/${rules}/export` },
  'GET /api/archive': { path: () => '/api/archive' },
  'GET /api/backups': { path: () => '/api/backups' },
  'GET /api/forget': { path: () => '/api/forget?months=12' },
  'POST /api/session': {
    path: () => '/api/session',
    body: () => ({ passcode: 'not the passcode' }),
    status: 403,
    open: BOTH,
  },
  'POST /api/helper': { path: () => '/api/helper', body: () => ({ code: 'no such code' }), status: 403, open: BOTH },
  'POST /api/matches': {
    path: () => '/api/matches',
    body: () => ({ game: 'top-total', seats, first: 1 }),
    status: 201,
  },
  'POST /api/matches/import': { path: () => '/api/matches/import', body: () => FILE, status: 201 },
  'POST /api/matches/[id]/entries': {
    path: ({ match }) => `/api/matches/${match}/entries`,
    body: () => ({
      id: `asked-${crypto.randomUUID()}`,
      after: 0,
      entry: { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } },
    }),
    open: ['helper'],
  },
  'POST /api/matches/[id]/clock': { path: ({ match }) => `/api/matches/${match}/clock`, body: () => ({ do: 'pause' }) },
  'POST /api/matches/[id]/board': { path: ({ other }) => `/api/matches/${other}/board`, body: () => ({}) },
  'POST /api/matches/[id]/helpers': {
    path: ({ other }) => `/api/matches/${other}/helpers`,
    body: () => ({}),
    status: 201,
  },
  'PATCH /api/matches/[id]': { path: ({ other }) => `/api/matches/${other}`, body: () => ({ name: 'Heron' }) },
  'POST /api/people': {
    path: () => '/api/people',
    body: () => ({ name: `Wren ${crypto.randomUUID().slice(0, 6)}` }),
    status: 201,
  },
  'POST /api/people/list': {
    path: () => '/api/people/list',
    body: ({ person }) => ({ names: [`Kofi ${crypto.randomUUID().slice(0, 6)}`], known: [person], of: 'Herons' }),
    status: 201,
  },
  'PATCH /api/people/[id]': { path: ({ person }) => `/api/people/${person}`, body: () => ({ pennant: 3 }) },
  'POST /api/house-rules': {
    path: () => '/api/house-rules',
    body: () => ({ game: 'brim', name: `Late ${crypto.randomUUID()}`.slice(0, 30), houseRules: {} }),
    status: 201,
  },
  'POST /api/house-rules/import': { path: () => '/api/house-rules/import', body: () => RULES, status: 201 },
  'PATCH /api/house-rules/[id]': {
    path: ({ rules }) => `/api/house-rules/${rules}`,
    body: () => ({ houseRules: { limit: 22 } }),
  },
  'POST /api/archive': { path: () => '/api/archive', body: ({ archive }) => archive },
  'POST /api/room/session/[id]/clock': {
    path: ({ session }) => `/api/room/session/${session}/clock`,
    body: () => ({ do: 'set', minutes: 10 }),
  },
  'POST /api/room/session/[id]/board': {
    path: ({ session }) => `/api/room/session/${session}/board`,
    body: () => ({}),
  },
  'POST /api/room/session/[id]/resume': {
    path: ({ session }) => `/api/room/session/${session}/resume`,
    body: () => ({}),
  },
  'POST /api/room/session/[id]/end': { path: ({ session }) => `/api/room/session/${session}/end`, body: () => ({}) },
  'POST /api/room/tables': {
    path: () => '/api/room/tables',
    body: ({ person }) => ({
      tables: [{ game: 'brim', name: 'Jetty', seats: [{ ...seats[0], personId: person }, seats[1]], first: 1 }],
    }),
    status: 201,
  },
  'DELETE /api/matches/[id]/helpers/[helper]': {
    path: ({ match, helper }) => `/api/matches/${match}/helpers/${helper}`,
  },
  'GET /api/undo': { path: () => '/api/undo' },
  'POST /api/undo/[id]': { path: ({ undo }) => `/api/undo/${undo}`, body: () => ({}) },
  'DELETE /api/house-rules/[id]': { path: ({ rules }) => `/api/house-rules/${rules}` },
  'DELETE /api/matches/[id]': { path: ({ other }) => `/api/matches/${other}` },
  'DELETE /api/people/[id]': { path: ({ second }) => `/api/people/${second}` },
  'POST /api/forget': { path: () => '/api/forget', body: () => ({ months: 12 }) },
  'DELETE /api/demo': { path: () => '/api/demo' },
  'DELETE /api/helper': { path: () => '/api/helper', open: BOTH },
  'DELETE /api/session': { path: () => '/api/session', open: BOTH },
}

/** The keeper's routes, where there is a school; `room` is one that was made, and `name` what nobody else is called. */
export const KEEPERS: Readonly<
  Record<string, { path: (room: string) => string; body?: (name: string) => unknown; status?: number; open?: true }>
> = {
  'GET /api/keeper/session': { path: () => '/api/keeper/session', open: true },
  'GET /api/keeper/rooms': { path: () => '/api/keeper/rooms' },
  'POST /api/keeper/rooms': { path: () => '/api/keeper/rooms', body: (name) => ({ name }), status: 201 },
  'PATCH /api/keeper/rooms/[room]': { path: (room) => `/api/keeper/rooms/${room}`, body: (name) => ({ name }) },
  'GET /api/keeper/rooms/[room]/archive': { path: (room) => `/api/keeper/rooms/${room}/archive` },
  'POST /api/keeper/rooms/[room]/archive': {
    path: (room) => `/api/keeper/rooms/${room}/archive`,
    body: () => ({
      format: 'nimble-tally/archive',
      version: 1,
      madeAt: '2026-11-28T10:00:00.000Z',
      people: [],
      matches: [],
    }),
  },
  'POST /api/keeper/rooms/[room]/passcode': { path: (room) => `/api/keeper/rooms/${room}/passcode`, body: () => ({}) },
  'POST /api/keeper/session': {
    path: () => '/api/keeper/session',
    body: () => ({ passcode: 'not the keeper’s' }),
    status: 403,
    open: true,
  },
  'DELETE /api/keeper/session': { path: () => '/api/keeper/session', open: true },
}

/** The routes that there are, read from the files that make them. */
export function routesThere(): string[] {
  const files = readdirSync('server/api', { recursive: true, encoding: 'utf8' }).filter(
    (name) => name.endsWith('.ts') && !name.includes('[...]'),
  )
  return files.map((name) => {
    const [, path, method] = /^(.*)\.(get|post|put|patch|delete)\.ts$/.exec(name)!
    return `${method!.toUpperCase()} /api/${path!.replace(/(^|\/)index$/, '')}`.replace(/\/$/, '')
  })
}

/** Makes one thing of each kind on a server, as its referee. */
export async function settle(call: <T>(method: string, path: string, body?: unknown) => Promise<T>): Promise<Settled> {
  const [person, second] = await Promise.all(
    ['Ines', 'Tomasz'].map(
      async (name) =>
        (await call<{ id: string }>('POST', '/api/people', { name: `${name} ${crypto.randomUUID().slice(0, 6)}` })).id,
    ),
  )
  const table = (name: string, ids: readonly (string | undefined)[]) => ({
    game: 'brim',
    name,
    first: 1,
    seats: seats.map((seat, i) => ({ ...seat, personId: ids[i] ?? null })),
  })
  const { made } = await call<{ made: string[] }>('POST', '/api/room/tables', {
    tables: [table('Lantern', [person, second]), table('Buoy', [])],
  })
  const [match, other] = made as [string, string]
  const { session } = await call<{ session: { id: string; board: string } }>('GET', '/api/room/session')
  const { code, id: helper } = await call<{ code: string; id: string }>('POST', `/api/matches/${match}/helpers`, {})
  const { board } = await call<{ board: string }>('GET', `/api/matches/${match}`)
  const name = `Tuesday ${crypto.randomUUID()}`.slice(0, 30)
  const { id: rules } = await call<{ id: string }>('POST', '/api/house-rules', {
    game: 'brim',
    name,
    houseRules: { limit: 21 },
  })
  const archive = await call<unknown>('GET', '/api/archive')
  const { id: third } = await call<{ id: string }>('POST', '/api/matches', { game: 'brim', seats, first: 1 })
  const { undo } = await call<{ undo: string }>('DELETE', `/api/matches/${third}`)
  return {
    match,
    other,
    person: person!,
    second: second!,
    helper,
    code,
    board,
    roomBoard: session.board,
    session: session.id,
    rules,
    archive,
    undo,
  }
}
