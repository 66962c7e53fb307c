<script setup lang="ts">
/** A link as a code to be scanned. */
const { link, what } = defineProps<{
  link: string
  /** What the link leads to, for those who can't see the code. */
  what: string
}>()
const code = ref('')
watch(
  () => link,
  async (now) => {
    const { toString } = await import('qrcode')
    code.value = await toString(now, { type: 'svg', margin: 1 })
  },
  { immediate: true },
)
</script>

<template>
  <!-- eslint-disable vue/no-v-html -- made here by the QR package from our own link -->
  <div class="bg-white" role="img" :aria-label="`Code with the link to ${what}`" v-html="code" />
</template>
