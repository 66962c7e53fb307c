<script setup lang="ts">
import { sayCommonRules } from '#core/wording/houseRules'
import type { Setup } from '~/composables/useSetup'

/** What was agreed, read back in plain sentences, and what must lie ready. */
const { setup } = defineProps<{ setup: Setup }>()

const { game, read, seats } = setup
/** What lies ready already; begun anew with another game. */
const ready = ref<string[]>([])
watch(game, () => (ready.value = []))

const sentences = computed(() =>
  read.value.ok ? [...game.value.wording.readBack(read.value.rules, seats.value.length), ...sayCommonRules(game.value, read.value.rules)] : [],
)
const { says, own } = useEstimate(setup)
const preparation = computed(() => (read.value.ok ? game.value.prepare(read.value.rules, seats.value.length) : null))
</script>

<template>
  <section class="sheet p-5 space-y-4" aria-label="Agreed">
    <h2 class="font-bold text-lg">Agreed for {{ game.about.title }}</h2>
    <ul class="space-y-1.5 list-disc pl-5">
      <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
    </ul>
    <p
      v-if="sentences.length"
      class="min-h-6 flex items-center gap-2 font-semibold"
      role="status"
      :title="own ? 'At the pace of this room' : 'At an unhurried pace'"
    >
      <UIcon name="i-lucide-hourglass" class="size-5 shrink-0" /> {{ says ?? 'How long? Bots try it out …' }}
    </p>
    <p v-if="!sentences.length" class="text-(--refused)">A house rule does not fit yet.</p>
    <template v-if="preparation">
      <h3 class="font-bold border-t border-dashed border-(--rule) pt-3">Lay ready</h3>
      <ul class="space-y-1">
        <li v-for="need in preparation.needs" :key="need.what">
          <label class="flex gap-3 min-h-9 items-start cursor-pointer">
            <input v-model="ready" type="checkbox" :value="need.what" class="size-5 mt-0.5 shrink-0 accent-(--accent)" />
            <span
              ><b class="figures">{{ need.count }}</b> {{ need.what }}<span v-if="need.detail" class="text-(--ink-soft)">, {{ need.detail }}</span></span
            >
          </label>
        </li>
      </ul>
      <p v-for="care in preparation.care" :key="care" class="text-sm flex gap-2">
        <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> {{ care }}
      </p>
      <NuxtLink class="key w-full" :to="printPath(game.id, setup.named.value, seats.length)"
        ><UIcon name="i-lucide-printer" class="size-5" /> Print boards, sheets, cards</NuxtLink
      >
    </template>
  </section>
</template>
