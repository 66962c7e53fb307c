<script setup lang="ts">
/** Holds the drawer in which anything is found: loaded when it is first asked for, by key or by `open`. */
const finding = ref(false)
const LazyDrawer = defineAsyncComponent(() => import('~/components/app/CardDrawer.vue'))
const wanted = ref(false)

function open() {
  wanted.value = true
  finding.value = true
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return
  event.preventDefault()
  open()
})
defineExpose({ open })
</script>

<template>
  <LazyDrawer v-if="wanted" v-model:open="finding" />
</template>
