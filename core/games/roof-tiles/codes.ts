/** Why Roof Tiles refuses, and what it remarks: each code with its facts. */
export type RoofCodes = {
  reasons: {
    'no-such-tile': { readonly rows: number; readonly row: number; readonly place: number }
    'already-gone': { readonly row: number; readonly place: number }
    covered: { readonly row: number; readonly place: number }
    'too-many-tiles': { readonly count: number }
    'nothing-turned': { readonly by: number }
    'stock-empty': { readonly by: number; readonly passes: number }
    'seen-different': { readonly card: number; readonly seen?: number }
  }
  notes: {
    taken: { readonly by: number; readonly cards: readonly number[]; readonly left: number }
    turned: { readonly by: number; readonly card: number; readonly stock: number; readonly again: boolean }
    'layout-ended': {
      readonly by: number
      readonly why: 'done' | 'stuck' | 'cleared'
      readonly left: number
      readonly groups: readonly number[][]
    }
    counted: { readonly by: number; readonly left: number; readonly groups: readonly number[][] }
    'cannot-clear': { readonly by: number; readonly card: number; readonly partner: number }
  }
}
