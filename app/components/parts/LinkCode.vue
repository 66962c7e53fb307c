<script setup lang="ts">
/** A link for another device: as a code to be scanned, as text, to be copied; at whichever address that device reaches. */
const { path, what } = defineProps<{
  path: string
  /** What the link leads to, for those who can't see the code. */
  what: string
}>()

const { origins, chosen, origin, local } = useOrigins()
const link = computed(() => `${origin.value}${path}`)
const { copy, copied } = useClipboard()
</script>

<template>
  <div class="space-y-4">
    <LinkPicture v-if="!local" class="mx-auto w-56 p-2 rounded-lg" :link="link" :what="what" />
    <p class="figures break-all text-sm" data-testid="link">{{ link }}</p>
    <OriginKeys v-model="chosen" :origins="origins" :local="local" />
    <div class="flex flex-wrap gap-2">
      <slot />
      <Key @click="copy(link)"><UIcon name="i-lucide-copy" class="size-5" /> {{ copied ? 'Copied' : 'Copy' }}</Key>
      <slot name="after" />
    </div>
  </div>
</template>
