<script setup lang="ts">
/** One question before something that can’t be undone. Closed in any other way it is a no. */
const { title, says, yes, no = 'Keep it' } = defineProps<{ title: string; says: string; yes: string; no?: string }>()
const emit = defineEmits<{ close: [agreed: boolean] }>()
</script>

<template>
  <UModal :title="title" :description="says" :close="false" :ui="{ footer: 'flex-wrap justify-end' }">
    <template #footer>
      <Key @click="emit('close', false)">{{ no }}</Key>
      <Key main @click="emit('close', true)">{{ yes }}</Key>
    </template>
  </UModal>
</template>
