import type { H3Event } from 'h3'
import { environment } from './environment'

/**
 * The address of whoever asks; behind a proxy that sets `X-Forwarded-For` (`NIMBLE_PROXY`) the one that is said there. Anybody
 * could say anything there, so without that setting it counts for nothing.
 */
export const addressOf = (event: H3Event): string =>
  getRequestIP(event, { xForwardedFor: environment().proxy }) ?? 'unknown'
