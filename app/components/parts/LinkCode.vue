<script setup lang="ts">
import QRCode from 'qrcode'

/** A link for another device: as a code to be scanned, as text, to be copied; at whichever address that device reaches. */
const { path, what } = defineProps<{
  path: string
  /** What the link leads to, for those who can't see the code. */
  what: string
}>()

const { origins, chosen, origin, local } = useOrigins()
const link = computed(() => `${origin.value}${path}`)
const code = ref('')
watch(link, async (now) => (code.value = await QRCode.toString(now, { type: 'svg', margin: 1 })), { immediate: true })
const { copy, copied } = useClipboard()
</script>

<template>
  <div class="space-y-4">
    <!-- eslint-disable vue/no-v-html -- made here by the QR package from our own link -->
    <div
      v-if="!local"
      class="mx-auto w-56 bg-white p-2 rounded-lg"
      role="img"
      :aria-label="`Code with the link to ${what}`"
      v-html="code"
    />
    <p class="figures break-all text-sm" data-testid="link">{{ link }}</p>
    <div v-if="origins.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Address">
      <Key v-for="(each, i) in origins" :key="each" :aria-pressed="chosen === i" @click="chosen = i"
        ><span class="figures text-sm">{{ each }}</span></Key
      >
    </div>
    <p v-if="local" class="font-semibold text-(--call)" role="status">
      Other devices can’t reach this Nimble Tally: it serves this machine alone. Stop it, and start it with
      <code class="figures">bin/start --host 0.0.0.0</code>; then a code to be scanned stands here.
    </p>
    <div class="flex flex-wrap gap-2">
      <slot />
      <Key @click="copy(link)"><UIcon name="i-lucide-copy" class="size-5" /> {{ copied ? 'Copied' : 'Copy' }}</Key>
      <slot name="after" />
    </div>
  </div>
</template>
