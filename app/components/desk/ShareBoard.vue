<script setup lang="ts">
import QRCode from 'qrcode'
import { callApi } from '~/utils/api'

/** The link to this match's board, as text and as a code to be scanned; a new link cuts off the old one. */
const { match, token } = defineProps<{ match: string; token: string }>()
const open = defineModel<boolean>('open', { required: true })

const current = ref(token)
const code = ref('')
const failed = ref<string | null>(null)
const { copy, copied } = useClipboard()

watch(() => token, (now) => (current.value = now))
const link = computed(() => `${location.origin}/board/${current.value}`)
const local = computed(() => /^(localhost|127\.|\[::1\])/.test(location.hostname))
watch([link, open], async () => {
  if (open.value) code.value = await QRCode.toString(link.value, { type: 'svg', margin: 1 })
}, { immediate: true })

async function renew() {
  try {
    current.value = (await callApi<{ board: string }>(`/api/matches/${match}/board`, 'POST')).board
    failed.value = null
  } catch (error) {
    failed.value = saysOf(error)
  }
}
</script>

<template>
  <UModal v-model:open="open" title="Board view" description="For a second screen or a projector. Whoever has the link can look, and nothing else.">
    <template #body>
      <div class="space-y-4">
        <!-- eslint-disable-next-line vue/no-v-html -- made here by the QR package from our own link -->
        <div class="mx-auto w-56 bg-white p-2 rounded-lg" role="img" aria-label="Code with the link to the board" v-html="code" />
        <p class="figures break-all text-sm" data-testid="board-link">{{ link }}</p>
        <p v-if="local" class="text-sm text-(--ink-soft)">This link works on this machine only. To reach it from others, start with --host (docs/serving.md).</p>
        <div class="flex flex-wrap gap-2">
          <NuxtLink :to="`/board/${current}`" target="_blank" class="key key-main"><UIcon name="i-lucide-presentation" class="size-5" /> Open in a new window</NuxtLink>
          <button class="key" @click="copy(link)"><UIcon name="i-lucide-copy" class="size-5" /> {{ copied ? 'Copied' : 'Copy' }}</button>
          <button class="key" @click="renew"><UIcon name="i-lucide-refresh-cw" class="size-5" /> New link</button>
        </div>
        <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
      </div>
    </template>
  </UModal>
</template>
