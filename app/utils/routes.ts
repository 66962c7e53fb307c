import type { InternalApi } from 'nitropack/types'

/** A part of an address: `:` where any name may stand, in a route (`:id`) as in what is asked (`${id}`). */
type Part<Text extends string> = Text extends `:${string}`
  ? ':'
  : Record<never, never> extends Record<Text, 1>
    ? ':'
    : Text
type Parts<Text extends string> = Text extends `${infer First}/${infer Rest}`
  ? `${Part<First>}/${Parts<Rest>}`
  : Part<Text>
type Asked<Path extends string> = Path extends `${infer Bare}?${string}` ? Parts<Bare> : Parts<Path>

type Routes = { [Route in keyof InternalApi & string as Parts<Route>]: InternalApi[Route] }

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'

/**
 * What the server's route at a path gives, as it comes through JSON: its own types, without a list kept by hand. Of what the
 * server does not know either (a match's entries) nothing can be read before it has been parsed.
 */
export type Answer<Path extends string, Asks extends Method> =
  Routes extends Record<Asked<Path>, Record<Lowercase<Asks>, infer Given>> ? Given : never

/** Where there is no such route, one argument more, which cannot be given. */
export type NoSuchRoute<Path extends string, Asks extends Method> =
  Answer<Path, Asks> extends never ? [thereIsNoSuchRoute: never] : []
