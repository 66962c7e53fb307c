import { DrizzleQueryError } from 'drizzle-orm'

/** What a database says of a fault that names nothing of what is in it. */
interface Named {
  readonly code?: string
  readonly table_name?: string
  readonly table?: string
  readonly constraint_name?: string
  readonly constraint?: string
  readonly routine?: string
}

/**
 * An error as it may stand in a log. What was asked for, and what the database says of a value, may hold children's names: of
 * a query its text alone is told, and of the database's words the code and what it is about.
 */
export function plainError(error: unknown): string {
  if (!(error instanceof Error)) return `Something was thrown that is no error: ${typeof error}`
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  const first =
    error instanceof DrizzleQueryError ? `Query failed: ${error.query} ${saysOf(error.cause)}` : wordsOf(error)
  return [first, ...frames].join('\n')
}

/** Of the database's own words only what it is about. */
function wordsOf(error: Error): string {
  return 'severity' in error ? saysOf(error) : `${error.name}: ${error.message.split('\n')[0]}`
}

function saysOf(cause: unknown): string {
  const {
    code,
    table_name,
    table = table_name,
    constraint_name,
    constraint = constraint_name,
    routine,
  } = (cause ?? {}) as Named
  const parts = Object.entries({ code, table, constraint, routine }).filter(([, value]) => value !== undefined)
  return parts.map(([name, value]) => `${name} ${value}`).join(', ')
}
