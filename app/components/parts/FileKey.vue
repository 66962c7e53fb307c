<script setup lang="ts">
/** A file from this device: picked, or dropped here. It is handed on at once, and the same one can be picked again. */
const {
  label,
  says,
  disabled = false,
} = defineProps<{
  /** What kind of file. */
  label: string
  /** What the place to touch says. */
  says: string
  disabled?: boolean
}>()
const emit = defineEmits<{ file: [file: File] }>()

const picked = ref<File | null>(null)
function take(file: File | null | undefined) {
  picked.value = null
  if (file) emit('file', file)
}
</script>

<template>
  <UFileUpload
    :model-value="picked"
    accept=".json,application/json"
    icon="i-lucide-file-up"
    layout="list"
    reset
    :label="says"
    description="or drop it here"
    :preview="false"
    :disabled="disabled"
    :aria-label="label"
    @update:model-value="take"
  />
</template>
