import pino from 'pino'
import { environment } from './environment'

/** The log as JSON lines, where that is wished for (`NIMBLE_LOGS=json`); null where people read it. */
export const jsonLog = environment().logs === 'json' ? pino({ base: { pid: process.pid } }) : null

/** What the server says of itself goes the same way, whoever says it. */
export function sayInJson(log: pino.Logger): void {
  const told =
    (level: 'info' | 'warn' | 'error') =>
    (...said: readonly unknown[]) =>
      log[level](
        said
          .map((each) => (each instanceof Error ? plainError(each) : String(each)))
          .join(' ')
          .trim(),
      )
  Object.assign(console, { log: told('info'), info: told('info'), warn: told('warn'), error: told('error') })
}
