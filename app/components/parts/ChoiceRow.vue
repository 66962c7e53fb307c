<script setup lang="ts" generic="T extends string | number">
/** One of a few, as keys beside each other, or with a line of explanation each as cards. */
const {
  label,
  choices,
  cards = false,
  quiet = false,
} = defineProps<{
  label: string
  choices: readonly {
    readonly value: T
    readonly label: string
    readonly description?: string
    readonly icon?: string
  }[]
  cards?: boolean
  /** The label is said, not shown: it stands there already. */
  quiet?: boolean
}>()
const value = defineModel<T>({ required: true })
/** The group's own values are texts; a card says its line of explanation itself. */
const items = computed(() =>
  choices.map(({ description, ...choice }) => ({
    ...choice,
    description: cards ? undefined : description,
    says: cards ? description : undefined,
    value: String(choice.value),
  })),
)
const chosen = computed({
  get: () => String(value.value),
  set: (text) => {
    const found = choices.find((choice) => String(choice.value) === text)
    if (found) value.value = found.value
  },
})

/** Choices may stand in several rows, and the library knows the arrows of one: up and down go through them as well. */
function goOn(press: KeyboardEvent, key: 'ArrowLeft' | 'ArrowRight') {
  press.preventDefault()
  press.target?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
}

/** The library names a radio by the label it finds in the document, once: beside a part that loads there is none yet. */
const isThere = useMounted()
/** All of the key is the radio: nothing of the library's own dot. */
const PRESSED = {
  container: 'contents',
  base: 'absolute inset-0 size-full ring-0 bg-transparent rounded-[inherit] cursor-pointer outline-none',
  indicator: 'hidden',
}
</script>

<template>
  <URadioGroup
    v-if="isThere"
    v-model="chosen"
    :items="items"
    :legend="label"
    :variant="cards ? 'card' : 'keys'"
    :aria-label="label"
    orientation="horizontal"
    :ui="{ ...PRESSED, wrapper: cards ? 'ms-0' : 'ms-0 text-center', legend: quiet ? 'sr-only' : '' }"
    @keydown.down="goOn($event, 'ArrowRight')"
    @keydown.up="goOn($event, 'ArrowLeft')"
  >
    <template v-if="cards" #label="{ item }">
      <span class="flex items-center gap-3"
        ><UIcon v-if="item.icon" :name="item.icon" class="size-6 shrink-0" /><span
          ><b class="block">{{ item.label }}</b
          ><span class="text-sm font-normal text-(--ink-soft)">{{ item.says }}</span></span
        ></span
      >
    </template>
  </URadioGroup>
</template>
