<script setup lang="ts">
import type { Setup } from '~/composables/useSetup'

/** House rules under a name beside the presets, and keeping those that stand now. */
const { setup } = defineProps<{ setup: Setup }>()

const own = useNamedRules(setup)
const { all, now, failed, done } = own
const naming = ref(false)
const managing = ref(false)
const name = ref('')

async function keep() {
  if (!name.value.trim() || !(await own.keep(name.value.trim()))) return
  naming.value = false
  name.value = ''
}
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key
        v-for="rules in all"
        :key="rules.id"
        :aria-pressed="now?.id === rules.id"
        class="max-w-full"
        @click="own.use(rules)"
        ><UIcon name="i-lucide-bookmark" class="size-5 shrink-0" /> <span class="truncate">{{ rules.name }}</span></Key
      >
      <Key v-if="!naming && !now && !setup.problems.value.length" @click="naming = true"
        ><UIcon name="i-lucide-bookmark-plus" class="size-5" /> Keep under a name</Key
      >
      <Key aria-label="House rules under a name" title="House rules under a name" @click="managing = true"
        ><UIcon name="i-lucide-folder" class="size-5"
      /></Key>
    </div>
    <div v-if="naming" class="flex flex-wrap gap-2">
      <UInput
        v-model="name"
        size="xl"
        maxlength="60"
        class="flex-1 min-w-44"
        placeholder="Our Tuesday rules"
        aria-label="Name of these house rules"
        autofocus
        @keydown.enter.prevent="keep"
        @keydown.esc.stop="naming = false"
      />
      <Key main @click="keep">Keep</Key>
      <Key @click="naming = false">Leave it</Key>
    </div>
    <template v-if="!managing">
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
      <p v-else-if="done" role="status" class="text-sm">{{ done }}</p>
    </template>
    <NamedRulesSheet v-model:open="managing" :own="own" />
  </div>
</template>
