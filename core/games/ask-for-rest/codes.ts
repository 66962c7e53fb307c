import type { OutOfPlace } from '#core/contract/codes'

/** Why Ask for the Rest refuses, and what it remarks: each code with its facts. */
export type AskCodes = {
  reasons: {
    'not-their-turn': OutOfPlace & { readonly second?: boolean }
    'asked-self': { readonly by: number }
    'nobody-there': { readonly of: number }
    'dead-card': { readonly card: number; readonly target: number; readonly rest: number }
    'cannot-hold-partner': { readonly by: number; readonly card: number; readonly rest: number }
    'denied-known-card': { readonly of: number; readonly card: number }
    'card-has-partner': { readonly card: number; readonly rest: number }
  }
  notes: {
    laid: { readonly by: number; readonly cards: readonly [number, number]; readonly pairs: number }
    refused: { readonly by: number; readonly of: number; readonly card: number; readonly draws: boolean }
    granted: {
      readonly by: number
      readonly of: number
      readonly card: number
      readonly rest: number
      readonly pairs: number
    }
    drew: { readonly by: number; readonly card: number | null; readonly stock: number }
    replaced: { readonly by: number; readonly card: number }
    'denied-earlier': { readonly by: number; readonly card: number }
  }
}
