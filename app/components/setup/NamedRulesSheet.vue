<script setup lang="ts">
import type { NamedRules } from '#shared/api'

/** The house rules under a name: renamed, replaced, deleted, handed to a colleague as a file, brought in from one. */
const { own } = defineProps<{ own: ReturnType<typeof useNamedRules> }>()
const open = defineModel<boolean>('open', { required: true })

const { all, failed, problems, done } = own
const renaming = ref<string | null>(null)
const asked = ref<string | null>(null)
const text = ref('')

function begin(rules: NamedRules) {
  renaming.value = rules.id
  text.value = rules.name
}
async function rename(rules: NamedRules) {
  if (text.value.trim() && (await own.rename(rules, text.value.trim()))) renaming.value = null
}
async function remove(rules: NamedRules) {
  if (asked.value !== rules.id) return (asked.value = rules.id)
  asked.value = null
  await own.remove(rules)
}
function pick(event: Event) {
  const file = pickedFile(event)
  if (file) void own.bringIn(file)
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="House rules under a name"
    description="Of this game"
    :ui="{ content: 'max-w-2xl' }"
  >
    <template #body>
      <div class="space-y-4">
        <p v-if="!all.length">None yet: change the house rules as you like them, then keep them under a name.</p>
        <ul class="divide-y divide-(--rule)">
          <li v-for="rules in all" :key="rules.id" class="py-3 flex flex-wrap items-center gap-2">
            <form v-if="renaming === rules.id" class="flex flex-wrap gap-2 w-full" @submit.prevent="rename(rules)">
              <UInput v-model="text" size="xl" maxlength="60" class="flex-1 min-w-40" aria-label="New name" autofocus />
              <Key type="submit" main>Rename</Key>
              <Key @click="renaming = null">Leave it</Key>
            </form>
            <template v-else>
              <b class="text-lg mr-auto break-words min-w-0">{{ rules.name }}</b>
              <Key :aria-label="`Rename ${rules.name}`" @click="begin(rules)"
                ><UIcon name="i-lucide-pencil" class="size-5"
              /></Key>
              <Key @click="own.replace(rules)">Take the rules as they stand</Key>
              <a
                class="key"
                :href="`/api/house-rules/${rules.id}/export`"
                download
                :aria-label="`Hand on ${rules.name} as a file`"
                ><UIcon name="i-lucide-download" class="size-5"
              /></a>
              <Key :aria-label="`Delete ${rules.name}`" @click="remove(rules)"
                ><UIcon name="i-lucide-trash-2" class="size-5" /><span v-if="asked === rules.id"
                  >Really delete</span
                ></Key
              >
            </template>
          </li>
        </ul>
        <label class="key"
          ><UIcon name="i-lucide-file-up" class="size-5" /> Bring in a file
          <input
            type="file"
            accept=".json,application/json"
            class="sr-only"
            aria-label="House rules file"
            @change="pick"
          />
        </label>
        <p v-if="done" role="status" class="font-semibold">{{ done }}</p>
        <div v-if="failed" role="alert" class="text-(--refused) font-semibold">
          <p>{{ failed }}</p>
          <ul v-if="problems.length" class="list-disc pl-5 font-normal">
            <li v-for="(found, i) in problems" :key="i">
              <code v-if="found.path">{{ found.path }}</code> {{ found.says }}
            </li>
          </ul>
        </div>
      </div>
    </template>
  </UModal>
</template>
