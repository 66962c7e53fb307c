import type { H3Event } from 'h3'
import { helperHere } from '../access/helper'
import {
  asksPasscode,
  boardLink,
  hostName,
  isHelpers,
  isKeepers,
  isLocalOnly,
  isLoopback,
  isOpen,
} from '../access/policy'
import { isKeeper, mayRecord } from '../access/session'
import { isSchool } from '../school/here'
import { followLink } from '../school/doors'
import { ready } from '../utils/ready'
import { defineRoute, refuseWith } from '../utils/refusal'

/**
 * Who may. On this machine alone: whoever is at it, as long as the request is really meant for it. Served to a
 * network: only those who gave the passcode, save what is open to viewers, and to helpers at the one match where they
 * help. Writing takes a page of our own.
 */
export default defineRoute(async (event) => {
  const path = event.path.split('?')[0]!
  const host = getRequestHeader(event, 'host') ?? ''
  if (isLocalOnly() && !isLoopback(hostName(host)))
    return refuseWith(event, 403, 'not-here', 'This Nimble Tally serves this machine alone.')
  if (!path.startsWith('/api/')) return
  const foreign = foreignPage(event, host)
  if (foreign) return foreign
  // Alive it is before it is ready too.
  if (path !== '/api/alive') await ready()
  if (isKeepers(path) && !isSchool())
    return refuseWith(event, 404, 'not-found', 'There is one room here, and no keeper.')
  if (!asksPasscode()) return
  const board = boardLink(path)
  if (board) await followLink(board)
  if (isOpen(event.method, path)) return
  if (isKeepers(path))
    return (await isKeeper(event))
      ? undefined
      : refuseWith(event, 401, 'keeper-needed', 'Give the keeper’s passcode first.')
  if (await mayRecord(event)) return
  const helper = await helperHere(event)
  if (helper && isHelpers(event.method, path, helper.match)) {
    event.context.helper = helper
    return
  }
  return refuseWith(event, 401, 'passcode-needed', 'Give the passcode first.')
})

/** Refuses what another site's page asks for; null where it is one of our own. */
function foreignPage(event: H3Event, host: string) {
  // Browsers say where a request comes from. Looking costs time too: another site's picture may not ask for it.
  const site = getRequestHeader(event, 'sec-fetch-site')
  if (site === 'cross-site' || site === 'same-site')
    return refuseWith(event, 403, 'foreign-page', 'Another site’s page may ask for nothing here.')
  const origin = getRequestHeader(event, 'origin')
  if (event.method !== 'GET' && event.method !== 'HEAD' && origin && hostOf(`http://${host}`) !== hostOf(origin))
    return refuseWith(event, 403, 'foreign-page', 'Another site’s page may not write here.')
  return null
}

/** Host and port of an address; null where it can't be read, which is like no other. */
function hostOf(address: string): string | null {
  return URL.canParse(address) ? new URL(address).host : null
}
