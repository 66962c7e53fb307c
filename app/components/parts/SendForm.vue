<script setup lang="ts" generic="Asked extends object">
import type { FormSubmitEvent } from '@nuxt/ui'
import type { ComponentPublicInstance } from 'vue'
import type * as z from 'zod'

/**
 * A form checked by the shape of its request before it is sent: what is wrong stands at its field, the first of those has
 * the focus, and it is sent once however often it is tapped. What was typed stays where sending fails.
 */
const { shape, state, send } = defineProps<{
  shape: z.ZodType<Asked, object>
  state: object
  /** Sends it; whatever it throws is said below. */
  send: (asked: Asked) => Promise<unknown>
}>()

const { busy, failed, doing } = useDoing()
/** Nobody is told off while they still type for the first time. */
const refused = ref(false)

function submit({ data }: FormSubmitEvent<Asked>) {
  refused.value = false
  return doing(() => send(data))
}
const form = useTemplateRef<ComponentPublicInstance>('form')
async function toFirst() {
  refused.value = true
  await nextTick()
  const first = unrefElement(form)?.querySelector('[aria-invalid="true"]')
  if (first instanceof HTMLElement) first.focus()
}
</script>

<template>
  <UForm
    ref="form"
    :schema="shape"
    :state="state"
    :validate-on="refused ? ['input'] : []"
    :validate-on-input-delay="0"
    novalidate
    @submit="submit"
    @error="toFirst"
  >
    <slot :busy="busy" />
    <p v-if="failed" role="alert" class="basis-full text-(--refused) font-semibold">{{ failed }}</p>
  </UForm>
</template>
