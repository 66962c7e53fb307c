<script setup lang="ts">
import type { EditorProps, EditorToolbarItem } from '@nuxt/ui'
import { isEqual } from 'ohash/utils'
import { LETTER_LENGTH, type LetterPart } from '#core/print/letter'
import { LETTER, LETTER_TOOLS } from '~/theme/parts'
import { makeLetterDoc, parseLetterDoc, type LetterDoc } from '~/utils/letterDoc'

/** The letter home as it will be read, changed by whoever sends it; null where it is as the app writes it. */
const { written } = defineProps<{
  /** As the app writes it under the rules agreed. */
  written: readonly LetterPart[]
}>()
const letter = defineModel<readonly LetterPart[] | null>({ required: true })

// What the editor holds goes back to it as it is, an empty line at its end too: what is printed of it is less.
const doc = shallowRef<LetterDoc>(makeLetterDoc(letter.value ?? written))
function change(now: LetterDoc) {
  isFull.value = false
  doc.value = now
  const parts = parseLetterDoc(now)
  letter.value = isEqual(parts, written) ? null : parts
}
watch([() => written, letter], () => {
  if (letter.value === null) doc.value = makeLetterDoc(written)
})
/** Headings, paragraphs and points: what the printed page can show. */
const KIT = {
  heading: { levels: [2 as const] },
  bold: false as const,
  italic: false as const,
  strike: false as const,
  underline: false as const,
  link: false as const,
  blockquote: false as const,
  codeBlock: false as const,
  hardBreak: false as const,
  orderedList: false as const,
}
/** Something was refused that would make it longer than a letter gets; what is taken away or replaced goes on. */
const isFull = ref(false)
const full = (now: number, more: number) => (isFull.value = more > 0 && now + more > LETTER_LENGTH)
const BOUNDS: EditorProps['editorProps'] = {
  handleTextInput: ({ state }, from, to, text) => full(state.doc.textContent.length, text.length - (to - from)),
  handlePaste: ({ state }, _, slice) => full(state.doc.textContent.length, slice.size - state.selection.content().size),
  // A line across the page is none that is printed.
  transformPastedHTML: (html) => html.replaceAll(/<hr\b[^>]*>/gi, ''),
}
const TOOLS: EditorToolbarItem[] = [
  { kind: 'heading', level: 2, label: 'Heading' },
  { kind: 'bulletList', label: 'Points' },
  { kind: 'undo', icon: 'i-lucide-undo-2', 'aria-label': 'Undo' },
  { kind: 'redo', icon: 'i-lucide-redo-2', 'aria-label': 'Redo' },
]
</script>

<template>
  <div class="space-y-2">
    <p id="letter" class="font-semibold">The letter home</p>
    <UEditor
      v-slot="{ editor }"
      :model-value="doc"
      content-type="json"
      :ui="LETTER"
      :starter-kit="KIT"
      :editor-props="BOUNDS"
      :enable-input-rules="['bulletList', 'heading']"
      :image="false"
      :mention="false"
      role="textbox"
      autocapitalize="sentences"
      aria-labelledby="letter"
      aria-multiline="true"
      spellcheck="true"
      @update:model-value="change"
    >
      <UEditorToolbar :editor="editor" :items="TOOLS" :ui="LETTER_TOOLS" aria-label="What a line is">
        <template #item="{ item, isActive, isDisabled, onClick }">
          <Key
            :aria-label="item['aria-label']"
            :aria-pressed="item['aria-label'] ? undefined : isActive(item)"
            :disabled="isDisabled(item)"
            class="px-2.5! text-base!"
            @click="onClick($event, item)"
            ><UIcon v-if="item.icon" :name="item.icon" class="size-5" />{{ item.label }}</Key
          >
        </template>
      </UEditorToolbar>
    </UEditor>
    <p v-if="isFull" role="status" class="text-sm font-semibold">
      That is too much: a letter has at most {{ LETTER_LENGTH }} letters.
    </p>
    <Key v-if="letter !== null" @click="letter = null">As it was</Key>
  </div>
</template>
