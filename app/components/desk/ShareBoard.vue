<script setup lang="ts">
import QRCode from 'qrcode'
import type { Reach } from '#shared/api'
import { callApi } from '~/utils/api'

/** The link to this match's board, as text and as a code to be scanned; a new link cuts off the old one. */
const { match, token } = defineProps<{ match: string; token: string }>()
const open = defineModel<boolean>('open', { required: true })

const current = ref(token)
const code = ref('')
const failed = ref<string | null>(null)
const { copy, copied } = useClipboard()

watch(
  () => token,
  (now) => (current.value = now),
)
/** Where others reach this server; the page's own address means nothing to them when it is this machine's. */
const reach = shallowRef<Reach | null>(null)
const own = computed(() => /^(localhost|127\.|\[::1\])/.test(location.hostname))
const origins = computed(() => (own.value && reach.value?.addresses.length ? reach.value.addresses : [location.origin]))
const chosen = ref(0)
const link = computed(() => `${origins.value[chosen.value] ?? origins.value[0]}/board/${current.value}`)
/** Nobody but this machine can follow the link. */
const local = computed(() => own.value && !reach.value?.addresses.length)
watch(
  open,
  async (isOpen) => {
    if (isOpen) reach.value = await callApi<Reach>('/api/reach').catch(() => null)
  },
  { immediate: true },
)
watch(
  [link, open],
  async () => {
    if (open.value) code.value = await QRCode.toString(link.value, { type: 'svg', margin: 1 })
  },
  { immediate: true },
)

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
  <DeskSheet v-model:open="open" title="Board view" description="For a second screen or a projector. Whoever has the link can look, and nothing else.">
    <div class="space-y-4">
      <!-- eslint-disable-next-line vue/no-v-html -- made here by the QR package from our own link -->
      <div v-if="!local" class="mx-auto w-56 bg-white p-2 rounded-lg" role="img" aria-label="Code with the link to the board" v-html="code" />
      <p class="figures break-all text-sm" data-testid="board-link">{{ link }}</p>
      <div v-if="origins.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Address">
        <Key v-for="(origin, i) in origins" :key="origin" :aria-pressed="chosen === i" @click="chosen = i"
          ><span class="figures text-sm">{{ origin }}</span></Key
        >
      </div>
      <p v-if="local" class="font-semibold text-(--call)" role="status">
        Other devices can’t reach this Nimble Tally: it serves this machine alone. Stop it, and start it with
        <code class="figures">bin/start --host 0.0.0.0</code>; then a code for the projector stands here.
      </p>
      <div class="flex flex-wrap gap-2">
        <NuxtLink :to="`/board/${current}`" target="_blank" class="key key-main"
          ><UIcon name="i-lucide-presentation" class="size-5" /> Open in a new window</NuxtLink
        >
        <Key @click="copy(link)"><UIcon name="i-lucide-copy" class="size-5" /> {{ copied ? 'Copied' : 'Copy' }}</Key>
        <Key @click="renew"><UIcon name="i-lucide-refresh-cw" class="size-5" /> New link</Key>
      </div>
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    </div>
  </DeskSheet>
</template>
