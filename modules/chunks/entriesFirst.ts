/**
 * Puts entries before all other files of a manifest, in place. What an entry needs is found by going through them in their order,
 * and the entry and its first file ask for each other: whoever comes second in such a circle is found to need nothing, which
 * left a page without its styles where the file's name, made of what is in it, came first in the alphabet.
 */
export function entriesFirst(manifest: Record<string, { readonly file?: string; readonly isEntry?: boolean }>): void {
  for (const [id, file] of Object.entries(manifest)) {
    if (file.isEntry) continue
    Reflect.deleteProperty(manifest, id)
    manifest[id] = file
  }
}
