<script setup lang="ts">
import { tokenDip } from '#core/games/token-dip/index'
import { leftInBag, type Recount } from '#core/games/token-dip/rules'
import { countOf } from '#core/kit/pack'
import { useDipEntry } from '~/games/token-dip/useDipEntry'

/** The token dipped, then the running total said. While tokens are counted: a number for each, beside what the tape has. */
const desk = useDesk()
const { entry, rules, state, due, counting, before, leads, play, dip, count, setCount } = useDipEntry()
const { dealt, bring } = useDealing(tokenDip)
const tokens = computed(() => rules.value.key.map(({ token }) => token))
const onTape = (token: string) => countOf(state.value.dishes[counting.value! - 1]!, token)
const counted = (token: string) => entry.value.counts?.[token] ?? 0
const gone = (token: string) => leftInBag(rules.value, state.value, token) === 0

watch(play, (now) => desk.enter(now?.do === 'recount' && !entry.value.counts ? null : now), { immediate: true })

usePutAway(() => {
  if (entry.value.counts) count(entry.value.of ?? null)
  else if (entry.value.token !== null && gone(entry.value.token)) dip(null)
})

function draw() {
  bring({ do: 'dip', by: desk.seat.value }, (came) => dip(came.token))
}
/** Where the tokens lie as the tape has them, one touch says so. */
function allAsOnTape() {
  const of = counting.value!
  const counts = Object.fromEntries(tokens.value.map((token) => [token, onTape(token)]))
  const recount: Recount = { do: 'recount', by: of, counts }
  desk.offer(recount)
}

usePad([
  {
    keys: '1 … 9',
    does: 'the token, by its line of the key',
    on: ({ digit, shift }) =>
      !shift &&
      !dealt.value &&
      counting.value === null &&
      entry.value.token === null &&
      digit !== null &&
      digit > 0 &&
      digit <= tokens.value.length,
    run: ({ digit }) => dip(tokens.value[digit! - 1]!),
  },
  { keys: 'Backspace', does: 'another token', on: isKey('backspace'), run: () => dip(null) },
  {
    keys: 'R',
    does: 'count the tokens of this player',
    on: (press) => isKey('r')(press) && counting.value === null,
    run: () => count(desk.seat.value),
  },
  {
    keys: 'Enter',
    does: 'dip, where the app deals; record what was counted',
    on: (press) => isKey('enter')(press) && (counting.value !== null || (dealt.value && entry.value.token === null)),
    run: () => (counting.value === null ? draw() : desk.offer(play.value!)),
  },
])
</script>

<template>
  <div class="space-y-2">
    <template v-if="counting !== null">
      <p class="flex flex-wrap items-center gap-2 text-lg">
        <b>{{ desk.seats.value[counting - 1]?.name }}: what lies there?</b>
        <Key @click="allAsOnTape"><UIcon name="i-lucide-check-check" class="size-5" /> All as on the tape</Key>
        <Key v-if="!due.length" aria-label="Do not count" @click="count(null)"
          ><UIcon name="i-lucide-x" class="size-5"
        /></Key>
      </p>
      <div class="grid gap-1.5 grid-cols-[repeat(auto-fit,minmax(min(16rem,100%),1fr))]">
        <div
          v-for="token in tokens"
          :key="token"
          class="flex items-center gap-1.5"
          :class="{ differs: entry.counts && counted(token) !== onTape(token) }"
        >
          <Token :name="token" :among="tokens" size="1.8rem" />
          <span class="min-w-14 wrap-anywhere">{{ token }}</span>
          <Key class="!min-w-11 !px-0" :aria-label="`One ${token} fewer`" @click="setCount(token, counted(token) - 1)"
            >−</Key
          >
          <UInput
            class="w-16"
            :ui="{ base: 'figures text-center text-xl font-bold px-1' }"
            inputmode="numeric"
            :model-value="String(counted(token))"
            :model-modifiers="{ lazy: true }"
            :aria-label="`${token} counted`"
            @update:model-value="setCount(token, Math.trunc(Number($event)) || 0)"
          />
          <Key class="!min-w-11 !px-0" :aria-label="`One ${token} more`" @click="setCount(token, counted(token) + 1)"
            >+</Key
          >
          <span class="text-sm text-(--ink-soft) whitespace-nowrap">tape {{ onTape(token) }}</span>
        </div>
      </div>
      <Key main class="w-full" @click="desk.offer(play!)"
        ><UIcon name="i-lucide-check" class="size-5" /> That is what lies there</Key
      >
    </template>
    <template v-else>
      <DealKey v-if="dealt && !play" icon="i-lucide-shopping-bag" @click="draw">Dip</DealKey>
      <div v-else-if="!play" class="flex flex-wrap gap-1.5">
        <Key
          v-for="{ token, worth } in rules.key"
          :key="token"
          class="token"
          :class="{ gone: gone(token) }"
          :title="gone(token) ? 'All of these are out already' : undefined"
          :aria-label="`Dipped ${token}`"
          @click="dip(token)"
          ><Token :name="token" :among="tokens" size="2rem" /> {{ token }}
          <b class="figures">{{ minus(worth) }}</b></Key
        >
        <Key class="ml-auto" kbd="R" @click="count(desk.seat.value)"
          ><UIcon name="i-lucide-list-checks" class="size-5" /> Count tokens</Key
        >
      </div>
      <template v-else>
        <p class="flex flex-wrap items-center gap-2 text-2xl">
          <Token :name="entry.token" :among="tokens" size="2.2rem" />
          <b v-if="leads" class="figures"
            >{{ minus(before) }} {{ leads.worth < 0 ? '−' : '+' }} {{ Math.abs(leads.worth) }}</b
          >
          <Key v-if="!dealt" aria-label="Another token" @click="dip(null)"
            ><UIcon name="i-lucide-delete" class="size-5"
          /></Key>
        </p>
        <SayAndExplain
          v-if="leads"
          :right="leads.after"
          :label="`Total ${minus(leads.after)}`"
          minus
          :play="(told) => ({ ...play!, ...told })"
        />
      </template>
    </template>
  </div>
</template>

<style scoped>
.token {
  min-height: 3.2rem;
}
.gone {
  border-style: dashed;
  background: var(--sunken);
  color: var(--ink-soft);
}
.differs :deep(input) {
  border: 3px solid var(--refused);
}
</style>
