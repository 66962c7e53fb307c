<script setup lang="ts">
import { MEMBER_ORDERS, type MemberOrder } from '#core/kernel/members'
import { MOST_MEMBERS } from '#core/contract/table'

/** Who plays on a side: names typed or pasted, people touched; and who of them is next. */
const { name, order } = defineProps<{
  name: string
  order: MemberOrder
  /** People touched below join this side. */
  filling: boolean
}>()
const members = defineModel<readonly string[]>({ required: true })
const emit = defineEmits<{ fill: []; order: [order: MemberOrder] }>()

const LABELS = { turns: 'By turns', lot: 'Drawn by lot' }
const orders = MEMBER_ORDERS.map((value) => ({ value, label: LABELS[value] }))
/** Lists come with commas, semicolons, tabs or line ends between. */
const BETWEEN = /[,;\t\n]+/
const put = (names: readonly string[]) =>
  (members.value = names
    .flatMap((each) => each.split(BETWEEN))
    .map((each) => each.trim().slice(0, 40))
    .filter(Boolean)
    .slice(0, MOST_MEMBERS))
</script>

<template>
  <div class="w-full pl-7 space-y-2">
    <div class="flex flex-wrap items-center gap-2">
      <UInputTags
        :model-value="[...members]"
        class="grow basis-64"
        :max="MOST_MEMBERS"
        :max-length="400"
        :delimiter="BETWEEN"
        add-on-paste
        add-on-blur
        :placeholder="members.length ? '' : 'Ines, Bao, Wren …'"
        :aria-label="`Members of ${name}`"
        @update:model-value="put"
      />
      <Key :aria-pressed="filling" @click="emit('fill')"
        ><UIcon name="i-lucide-user-round-plus" class="size-5" /> Fill by touch</Key
      >
    </div>
    <ChoiceRow
      :model-value="order"
      :label="`Who of ${name} is next`"
      :choices="orders"
      @update:model-value="emit('order', $event)"
    />
  </div>
</template>
