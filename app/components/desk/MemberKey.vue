<script setup lang="ts">
import { MEMBER_ORDERS } from '#core/kernel/members'

/** Who of a side is next: by name, with somebody else a touch away. */
const { seat } = defineProps<{ seat: number }>()

const { members, helping } = useDesk()
const open = ref(false)
const side = computed(() => members.sideAt(seat))
const name = computed(() => members.nameAt(seat))
const LABELS = { turns: 'By turns', lot: 'By lot' }
const orders = MEMBER_ORDERS.map((value) => ({ value, label: LABELS[value] }))

function call(who: number) {
  members.call(seat, who)
  open.value = false
}
</script>

<template>
  <span v-if="side && name" class="inline-flex items-center gap-1" role="group" :aria-label="`Who of ${side.name}`">
    <Key class="font-bold" :title="`Who of ${side.name} is next`" @click="open = true"
      ><UIcon name="i-lucide-user-round" class="size-5" /> {{ name }}</Key
    >
    <Key v-if="side.members!.length > 1" aria-label="Somebody else" @click="members.another(seat)"
      ><UIcon name="i-lucide-user-round-plus" class="size-5"
    /></Key>
    <DeskSheet v-model:open="open" :title="side.name" description="Whose go is it? It counts for this play." wide>
      <div class="space-y-4">
        <div class="flex flex-wrap gap-1.5">
          <Key
            v-for="(member, i) in side.members"
            :key="i"
            :aria-pressed="members.at(seat) === i + 1"
            @click="call(i + 1)"
            >{{ member }}</Key
          >
        </div>
        <ChoiceRow
          v-if="!helping"
          :model-value="side.memberOrder ?? 'turns'"
          label="Then who is next"
          :choices="orders"
          @update:model-value="members.order(seat, $event)"
        />
        <p class="text-(--ink-soft)">By lot nobody comes twice before all have had a go.</p>
      </div>
    </DeskSheet>
  </span>
</template>
