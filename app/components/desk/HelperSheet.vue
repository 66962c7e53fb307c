<script setup lang="ts">
import type { Helper } from '#shared/api'
import { callApi } from '~/utils/api'

/** Codes by which others record at this one table from their own device, and who uses one; each is let go with a touch. */
const { match } = defineProps<{ match: string }>()
const open = defineModel<boolean>('open', { required: true })

const helpers = shallowRef<readonly Helper[]>([])
const made = ref<{ readonly id: string; readonly code: string } | null>(null)
const failed = ref<string | null>(null)
const told = async <T,>(call: () => Promise<T>) => {
  failed.value = null
  try {
    return await call()
  } catch (error) {
    failed.value = saysOf(error)
    return null
  }
}
const load = () => told(async () => (helpers.value = (await callApi(`/api/matches/${match}/helpers`)).helpers))
const add = () =>
  told(async () => {
    made.value = await callApi(`/api/matches/${match}/helpers`, 'POST')
    await load()
  })
const remove = (id: string) =>
  told(async () => {
    await callApi(`/api/matches/${match}/helpers/${id}`, 'DELETE')
    if (made.value?.id === id) made.value = null
    await load()
  })
// Whether a code was taken up is seen while the sheet is open.
const { pause, resume } = useIntervalFn(load, 4000, { immediate: false })
watch(
  open,
  (isOpen) => {
    if (!isOpen) {
      made.value = null
      return pause()
    }
    void load()
    resume()
  },
  { immediate: true },
)
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="Helpers at this table"
    description="With a code a second adult or an older child records here from their own device: plays, and taking back the newest one. Rulings stay with you."
  >
    <div class="space-y-4">
      <section v-if="made" class="space-y-2" aria-label="The code">
        <p class="font-semibold">
          Scan it with the helper’s phone, or type it there after “Help at a table”. It is shown this once.
        </p>
        <p class="figures text-4xl font-bold text-center" data-testid="helper-code">{{ made.code }}</p>
        <LinkCode :path="`/help/${made.code}`" what="helping at this table" />
      </section>
      <Key v-else main class="w-full" @click="add()"
        ><UIcon name="i-lucide-user-plus" class="size-5" /> A code for one more helper</Key
      >
      <section v-if="helpers.length" class="space-y-1" aria-labelledby="helping">
        <h3 id="helping" class="font-bold">Codes in use</h3>
        <ul class="divide-y divide-(--rule)">
          <li v-for="(helper, i) in helpers" :key="helper.id" class="py-1 flex items-center gap-3">
            <span
              >Helper {{ i + 1 }}:
              {{
                helper.cameAt
                  ? `here since ${timeOfDay(helper.cameAt)}`
                  : `not come yet, code of ${timeOfDay(helper.createdAt)}`
              }}</span
            >
            <Key class="ml-auto" :aria-label="`Let helper ${i + 1} go`" @click="remove(helper.id)"
              ><UIcon name="i-lucide-log-out" class="size-5" /> Let go</Key
            >
          </li>
        </ul>
      </section>
      <p class="text-sm text-(--ink-soft)">Codes end with the session, or after twelve hours.</p>
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    </div>
  </DeskSheet>
</template>
