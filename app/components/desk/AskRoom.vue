<script setup lang="ts">
import { count } from '#core/basics/words'
import type { MatchStore } from '~/stores/match'

/** Before chance speaks the room may guess: hands are counted by touch, the board shows them, and then what came. */
const { store } = defineProps<{ store: MatchStore }>()
const { room, questions, guessed, ask, raise, drop } = useAskRoom(store)
const total = computed(() => room.value?.hands.reduce((a, b) => a + b, 0) ?? 0)
</script>

<template>
  <!-- What may be asked comes last; what was asked stands before all else. -->
  <section
    v-if="room || questions.length"
    class="space-y-2"
    :class="room ? '-order-1' : 'order-1'"
    aria-label="Ask the room"
  >
    <template v-if="room">
      <h3 class="font-bold text-lg">{{ room.asks }}</h3>
      <ul class="grid gap-1.5">
        <li v-for="(choice, i) in room.choices" :key="choice" class="flex gap-1.5">
          <!-- The key is called the same however often it is touched: a quick second touch is a second hand. -->
          <Key
            class="grow justify-start min-w-0"
            :why="room.came !== null && 'The hands are counted already.'"
            :aria-pressed="room.came === i || undefined"
            :aria-label="`${choice}: one more hand`"
            @click="raise(i, 1)"
            ><span class="flex items-center gap-1.5 text-left"
              ><UIcon v-if="room.came === i" name="i-lucide-check" class="size-5 shrink-0" /> {{ choice }}</span
            ></Key
          >
          <b class="figures text-xl self-center w-[2ch] text-right shrink-0">{{ room.hands[i] }}</b>
          <Key
            v-if="room.came === null"
            :why="!room.hands[i] && 'No hand is counted here.'"
            :aria-label="`${choice}: one hand fewer`"
            @click="raise(i, -1)"
            ><UIcon name="i-lucide-minus" class="size-5"
          /></Key>
        </li>
      </ul>
      <p v-if="room.came !== null" role="status">
        {{ room.choices[room.came] }}: {{ room.hands[room.came] }} of {{ count(total, 'hand', 'hands') }} said so.
      </p>
      <Key v-else @click="drop()"><UIcon name="i-lucide-x" class="size-5" /> Don’t ask</Key>
    </template>
    <template v-else>
      <Key v-for="{ id, asks, choices } in questions" :key="id" @click="ask(id, choices.length)"
        ><UIcon name="i-lucide-hand" class="size-5" /> Ask the room: {{ asks }}</Key
      >
    </template>
    <p v-if="guessed.of" class="text-sm text-(--ink-soft)">
      The room was right {{ guessed.right }} of {{ count(guessed.of, 'time', 'times') }}.
    </p>
  </section>
</template>
