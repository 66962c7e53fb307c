import type { LetterPart } from '#core/print/letter'

/** What the editor holds, or a part of it: of its own form as much as a letter needs. */
export interface LetterDoc {
  type?: string
  attrs?: Record<string, unknown>
  text?: string
  content?: LetterDoc[]
}

/** A letter as its editor holds it: headings, paragraphs, and points of lists one below the other. */
export function makeLetterDoc(parts: readonly LetterPart[]): LetterDoc {
  const content: LetterDoc[] = []
  for (const { kind, text } of parts) {
    const line = text ? { content: [{ type: 'text', text }] } : {}
    if (kind === 'heading') content.push({ type: 'heading', attrs: { level: 2 }, ...line })
    else if (kind === 'text') content.push({ type: 'paragraph', ...line })
    else {
      const point = { type: 'listItem', content: [{ type: 'paragraph', ...line }] }
      const list = content.at(-1)
      if (list?.type === 'bulletList') list.content!.push(point)
      else content.push({ type: 'bulletList', content: [point] })
    }
  }
  return { type: 'doc', content }
}

/** What is printed of what the editor holds: lists within lists are points like others, and empty lines are none. */
export function parseLetterDoc({ type, content = [] }: LetterDoc, kind: LetterPart['kind'] = 'text'): LetterPart[] {
  if (type === 'paragraph' || type === 'heading') {
    const text = content
      .map((run) => run.text ?? ' ')
      .join('')
      .trim()
    return text ? [{ kind: type === 'heading' ? 'heading' : kind, text }] : []
  }
  return content.flatMap((each) => parseLetterDoc(each, type === 'listItem' ? 'point' : kind))
}
