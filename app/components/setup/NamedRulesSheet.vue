<script setup lang="ts">
import { namedRulesShape } from '#shared/requests'
import type { NamedRules } from '#shared/api'

/** The house rules under a name: renamed, replaced, deleted, handed to a colleague as a file, brought in from one. */
const { own } = defineProps<{ own: ReturnType<typeof useNamedRules> }>()
const open = defineModel<boolean>('open', { required: true })

const { all, failed, problems, done } = own
const NAME = namedRulesShape.pick({ name: true })
const renaming = ref<string | null>(null)
const confirm = useConfirm()
const told = useTold()
const state = reactive({ name: '' })

function begin(rules: NamedRules) {
  renaming.value = rules.id
  state.name = rules.name
}
async function rename(rules: NamedRules, name: string) {
  if (await own.rename(rules, name)) renaming.value = null
}
async function remove(rules: NamedRules) {
  const says = 'Matches that were played by them keep their rules.'
  if (await confirm({ title: `Delete “${rules.name}”?`, says, yes: 'Delete it' })) await own.remove(rules)
}
async function replace(rules: NamedRules) {
  if (await own.replace(rules)) told(`“${rules.name}” is now what stands here.`, () => own.putBack(rules))
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
            <SendForm
              v-if="renaming === rules.id"
              :shape="NAME"
              :state="state"
              :send="({ name }) => rename(rules, name)"
              class="flex flex-wrap gap-2 w-full"
            >
              <UFormField name="name" class="flex-1 min-w-40">
                <UInput v-model="state.name" maxlength="60" class="w-full" aria-label="New name" autofocus />
              </UFormField>
              <Key type="submit" main>Rename</Key>
              <Key @click="renaming = null">Leave it</Key>
            </SendForm>
            <template v-else>
              <b class="text-lg mr-auto break-words min-w-0">{{ rules.name }}</b>
              <Key :aria-label="`Rename ${rules.name}`" @click="begin(rules)"
                ><UIcon name="i-lucide-pencil" class="size-5"
              /></Key>
              <Key @click="replace(rules)">Take the rules as they stand</Key>
              <Key :file="`/api/house-rules/${rules.id}/export`" :aria-label="`Hand on ${rules.name} as a file`"
                ><UIcon name="i-lucide-download" class="size-5"
              /></Key>
              <Key :aria-label="`Delete ${rules.name}`" @click="remove(rules)"
                ><UIcon name="i-lucide-trash-2" class="size-5"
              /></Key>
            </template>
          </li>
        </ul>
        <FileKey label="House rules file" says="Bring in a file" @file="own.bringIn($event)" />
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
