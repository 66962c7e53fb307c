import type { Plugin } from 'vite'
import { partsOf } from './parts'

const PART = /\?part=\d+$/

/** Reads files that packages were bundled into as the parts that they were made of: a page uses few of them. */
export function apart(bundled: RegExp): Plugin {
  const known = new Map<string, string>()
  return {
    name: 'apart',
    // They are named by what was resolved already.
    resolveId: { order: 'pre', filter: { id: PART }, handler: (id) => (known.has(id) ? id : null) },
    load: {
      filter: { id: PART },
      handler: (id) => ({ code: known.get(id)!, map: null, moduleSideEffects: false }),
    },
    transform: {
      filter: { id: bundled },
      handler(code, id) {
        const { whole, parts } = partsOf(id, code)
        for (const [part, text] of parts) known.set(part, text)
        return { code: whole, map: null }
      },
    },
  }
}
