<script setup lang="ts">
/** A sheet over the desk. Once it is closed the pad has the focus again, so that Enter is the pad's. */
const {
  title,
  description,
  wide = false,
  large = false,
} = defineProps<{
  title: string
  description: string
  wide?: boolean
  /** The title is what everybody looks at. */
  large?: boolean
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ closed: [] }>()

/** The focus would go back to the key that opened the sheet, and Enter would press that again. */
function giveBack(event: Event) {
  event.preventDefault()
  emit('closed')
}
</script>

<template>
  <UModal
    v-model:open="open"
    :title="title"
    :description="description"
    :ui="{ content: wide ? 'max-w-2xl' : '', title: large ? 'text-4xl figures' : '' }"
    :content="{ onCloseAutoFocus: giveBack }"
  >
    <template #body><slot /></template>
  </UModal>
</template>
