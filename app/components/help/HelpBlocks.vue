<script setup lang="ts">
import { TRADES, traded, withBlock, type Blocks, type Trade } from '#core/mastery/blocks'

/** Base-ten blocks: laid with a key, taken away with a touch, and traded ten for one. */
const work = defineModel<readonly number[]>({ required: true })

const blocks = computed<Blocks>(() => {
  const [hundreds = 0, tens = 0, ones = 0] = work.value
  return { hundreds, tens, ones }
})
const lay = (next: Blocks | null) => next && (work.value = [next.hundreds, next.tens, next.ones])

const KINDS = [
  { kind: 'hundreds', one: 'hundred' },
  { kind: 'tens', one: 'ten' },
  { kind: 'ones', one: 'one' },
] as const
const SAYS: Readonly<Record<Trade, string>> = {
  'ones-up': 'Ten ones for a ten',
  'tens-up': 'Ten tens for a hundred',
  'tens-down': 'A ten for ten ones',
  'hundreds-down': 'A hundred for ten tens',
}
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap gap-1.5">
      <Key
        v-for="{ kind, one } in KINDS"
        :key="kind"
        :why="!withBlock(blocks, kind, 1) && 'No more of these fit here.'"
        @click="lay(withBlock(blocks, kind, 1))"
        ><UIcon name="i-lucide-plus" class="size-5" /> A {{ one }}</Key
      >
    </div>
    <div class="lie">
      <div
        v-for="{ kind, one } in KINDS"
        v-show="blocks[kind]"
        :key="kind"
        :class="kind"
        role="group"
        :aria-label="kind"
      >
        <button
          v-for="n in blocks[kind]"
          :key="n"
          type="button"
          class="block"
          :aria-label="`A ${one} away`"
          @click="lay(withBlock(blocks, kind, -1))"
        >
          <i />
        </button>
      </div>
    </div>
    <div class="flex flex-wrap gap-1.5">
      <Key
        v-for="trade in TRADES"
        :key="trade"
        :why="!traded(blocks, trade) && 'There are not enough blocks for that.'"
        @click="lay(traded(blocks, trade))"
        >{{ SAYS[trade] }}</Key
      >
    </div>
  </div>
</template>

<style scoped>
.lie {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 0.75rem 1.5rem;
  min-height: 9rem;
  padding: 0.6rem;
  border: 2px solid var(--rule);
  border-radius: 0.75rem;
  --unit: 0.75rem;
}
.lie > div {
  display: flex;
  flex-wrap: wrap;
}
.ones {
  max-width: calc(5 * 2.75rem);
}
.block {
  display: grid;
  place-items: center;
  min-width: 2.75rem;
  min-height: 2.75rem;
  cursor: pointer;
}
.block i {
  display: block;
  border: 2px solid var(--accent);
  background:
    repeating-linear-gradient(var(--accent) 0 1px, transparent 1px var(--unit)),
    repeating-linear-gradient(90deg, var(--accent) 0 1px, transparent 1px var(--unit)), var(--accent-soft);
}
.hundreds i {
  width: calc(10 * var(--unit));
  height: calc(10 * var(--unit));
  margin: 0.2rem;
}
.tens i {
  width: calc(1.5 * var(--unit));
  height: calc(10 * var(--unit));
  background: repeating-linear-gradient(var(--accent) 0 1px, transparent 1px var(--unit)), var(--accent-soft);
}
.ones i {
  width: 1.5rem;
  height: 1.5rem;
  background: var(--accent-soft);
}
</style>
