<script setup lang="ts">
import type { CommonRules } from '#core/houseRules'

/** Takes a spoken answer: one touch for the right one, a field for another, or none at all. */
const { right, answers, label, shortcut, needed = false } = defineProps<{
  right: number
  answers: CommonRules['answers']
  label: string
  shortcut: string
  /** Something must be said. */
  needed?: boolean
}>()
const emit = defineEmits<{ answer: [said: number | null] }>()

const other = ref(false)
const typed = ref('')
const field = useTemplateRef('field')

watch(() => right, close)

async function openOther() {
  other.value = true
  await nextTick()
  field.value?.focus()
}

function close() {
  other.value = false
  typed.value = ''
}

function submit() {
  const said = Number(typed.value)
  if (typed.value.trim() === '' || !Number.isInteger(said)) return
  emit('answer', said)
  close()
}
</script>

<template>
  <div class="flex flex-wrap gap-2">
    <button v-if="answers === 'off'" class="key flex-1" @click="emit('answer', null)">
      <UIcon name="i-lucide-octagon" class="size-5" /> {{ label }} <kbd class="kbd hidden lg:inline-flex">{{ shortcut }}</kbd>
    </button>
    <template v-else>
      <button class="key flex-1 min-w-56" @click="emit('answer', right)">
        <UIcon name="i-lucide-message-circle-heart" class="size-5" /> {{ label }}, said {{ right }}
        <kbd class="kbd hidden lg:inline-flex">{{ shortcut }}</kbd>
      </button>
      <form v-if="other" class="flex gap-2" @submit.prevent="submit">
        <input
          ref="field"
          v-model="typed"
          class="figures w-24 px-3 h-12 text-xl rounded-md border-2 border-(--accent) bg-(--sheet)"
          inputmode="numeric"
          pattern="-?[0-9]*"
          maxlength="5"
          aria-label="What was said"
          @keydown.esc="close"
        />
        <button class="key" type="submit">Said it</button>
        <button class="key" type="button" aria-label="Never mind" @click="close"><UIcon name="i-lucide-x" class="size-5" /></button>
      </form>
      <button v-else class="key" @click="openOther">Said another sum …</button>
      <button v-if="answers === 'noted' && !other && !needed" class="key" @click="emit('answer', null)">Said nothing</button>
    </template>
  </div>
</template>
