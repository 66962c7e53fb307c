/**
 * What the driver and PostgreSQL say where a connection breaks, can't be made, or the server is stopping or starting
 * (SQLSTATE class 08, 57P01 to 57P03).
 */
const AWAY =
  /^(CONNECTION_(CLOSED|ENDED|DESTROYED)|CONNECT_TIMEOUT|ECONNREFUSED|ECONNRESET|EPIPE|ENOTFOUND|ETIMEDOUT|57P0[123]|08\d{3})$/

/** Whether something failed since the database is away for a moment: the same may stand when it is tried again. */
export function isDatabaseAway(error: unknown): boolean {
  for (let each = error; each instanceof Error; each = each.cause)
    if ('code' in each && AWAY.test(String(each.code))) return true
  return false
}
