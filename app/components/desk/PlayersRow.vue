<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { bestNow, standing } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/**
 * Everyone's pennant and score, what they still need where there is a goal, and whose turn it is, unmistakably: all in
 * sight, however many. Touching a name enters for that player.
 */
const {
  tape,
  seats,
  touchable = false,
  told = '',
} = defineProps<{
  tape: Tape
  seats: readonly Seat[]
  touchable?: boolean
  /** Of which moment these scores are, where that is not now. */
  told?: string
}>()

const desk = useDesk()
const scores = computed(() => standing(tape.table, tape.state))
/** Where everybody plays side by side it is nobody's turn. */
const waits = computed(() => (desk.turns.value ? desk.next.value : []))
/** By seat the member of a side whose go it is. */
const members = computed(() =>
  seats.map((_, i) => (desk.next.value.includes(i + 1) ? desk.members.nameAt(i + 1) : null)),
)
const by = computed(() => bestNow(tape.table, tape.state))
const best = computed(() => (by.value === 'fewest' ? Math.min(...scores.value) : Math.max(...scores.value)))
/** Where the score is to be worked out, it is theirs to say. */
const keptBack = computed(() => desk.veiled.value && tape.table.game.about.finds.score === true)
const goal = computed(() => tape.table.game.goal?.(tape.state.rules) ?? null)
const ahead = (seat: number) =>
  !tape.state.result &&
  seats.length > 1 &&
  scores.value.some((score) => score !== best.value) &&
  scores.value[seat - 1] === best.value
const remark = (seat: number) => {
  if (told) return told
  // How far it still is may be theirs to find.
  if (desk.veiled.value && goal.value !== null) return ''
  if (goal.value === null || tape.state.result) return ahead(seat) ? 'ahead' : ''
  const left = goal.value - ofSeat(scores.value, seat)
  return `${by.value === 'nearest' ? Math.abs(left) : Math.max(0, left)} to go`
}
</script>

<template>
  <ul class="players" :class="{ many: seats.length > 4 }" :style="{ '--seats': seats.length }" aria-label="Players">
    <li
      v-for="(player, i) in seats"
      :key="i"
      class="player sheet"
      :class="{ turn: waits.includes(i + 1), chosen: desk.chosen.value === i + 1 }"
      :aria-current="waits.includes(i + 1) || undefined"
    >
      <component
        :is="touchable && seats.length > 1 ? 'button' : 'div'"
        class="inside"
        :aria-pressed="touchable && seats.length > 1 ? desk.chosen.value === i + 1 : undefined"
        :title="touchable ? `Enter for ${player.name}` : undefined"
        @mousedown.prevent
        @click="touchable && seats.length > 1 && desk.choose(i + 1)"
      >
        <Pennant :number="player.pennant" size="1.7rem" class="pennant" />
        <span class="who">
          <span class="name">{{ player.name }}<span v-if="waits.includes(i + 1)" class="sr-only">, on turn</span></span>
          <span v-if="members[i]" class="member">{{ members[i] }}</span>
          <TensAndOnes v-else-if="!keptBack" :value="scores[i]!" class="rods" />
        </span>
        <span class="points figures" :data-score="i + 1">
          {{ keptBack ? '?' : minus(scores[i]!) }}
          <span class="remark">{{ remark(i + 1) }}</span>
        </span>
      </component>
    </li>
  </ul>
</template>

<style scoped>
.players {
  display: grid;
  grid-template-columns: repeat(var(--seats), minmax(0, 1fr));
  gap: 0.4rem;
}
.inside {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  width: 100%;
  min-height: 3.4rem;
  padding: 0.3rem 0.6rem;
  text-align: left;
  border-radius: inherit;
}
button.inside {
  cursor: pointer;
  touch-action: manipulation;
}
.who {
  flex: 1 1 0;
  min-width: 0;
}
.name {
  /* What is only heard of it lies within it. */
  position: relative;
  font-weight: 700;
  line-height: 1.1;
  /* Long names take more lines; what is longer still keeps its beginning. */
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  overflow: hidden;
  overflow-wrap: anywhere;
}
.member {
  display: block;
  font-weight: 600;
  color: var(--accent);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.points {
  font-size: 1.8rem;
  font-weight: 700;
  line-height: 1;
  text-align: right;
}
.remark {
  display: block;
  height: 1rem;
  font: 600 0.78rem var(--font-sans);
  color: var(--ink-soft);
  white-space: nowrap;
}
.player.turn {
  border: 3px solid var(--accent);
  background: var(--accent-soft);
}
/* The turn by shape too: a tab hangs from the card. */
.player.turn::before {
  content: 'turn';
  position: absolute;
  top: -0.55rem;
  left: 50%;
  translate: -50% 0;
  padding: 0 0.7rem;
  background: var(--accent);
  color: var(--on-accent);
  font: 700 0.78rem/1.05rem var(--font-display);
  border-radius: 0.6rem;
}
.player {
  position: relative;
}
.player.chosen {
  outline: 4px dashed var(--call);
  outline-offset: -3px;
}
.many .rods {
  display: none;
}
.many .points {
  font-size: 1.5rem;
}
.many .inside {
  display: grid;
  grid-template: 'who who' auto 'pennant points' auto / auto 1fr;
  align-content: space-between;
  padding: 0.3rem 0.4rem;
  gap: 0 0.3rem;
}
.many .who {
  grid-area: who;
}
.many .pennant {
  grid-area: pennant;
}
.many .points {
  grid-area: points;
}
@media (max-width: 47.99rem) {
  .players.many {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
  .rods,
  .pennant {
    display: none;
  }
  /* Narrow: the name has its card's whole width, and the score stands below it. */
  .inside,
  .many .inside {
    display: flex;
    flex-direction: column;
    align-items: stretch;
    justify-content: space-between;
    min-height: 2.9rem;
    padding: 0.2rem 0.35rem;
    gap: 0;
  }
  .who {
    flex: 0 0 auto;
  }
  /* A tab would cover name or score: an arrow points at the name instead. */
  .player.turn::before {
    content: none;
  }
  .player.turn .name::before {
    content: '▸';
    margin-right: 0.15rem;
    color: var(--accent);
  }
  .name,
  .member {
    font-size: 0.84rem;
  }
  .points {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
  }
  .points,
  .many .points {
    font-size: 1.3rem;
  }
  .remark {
    font-size: 0.82rem;
  }
}
/* Six on a phone held upright: three and three. */
@media (max-width: 47.99rem) and (min-height: 34.01rem) {
  .players:has(> :nth-child(6):last-child) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-height: 34rem) {
  .players.many {
    grid-template-columns: repeat(var(--seats), minmax(0, 1fr));
  }
  .rods,
  .remark {
    display: none;
  }
  .inside {
    min-height: 2.75rem;
    padding: 0.1rem 0.4rem;
  }
  .points {
    font-size: 1.2rem;
  }
  .player.turn::before {
    font-size: 0.6rem;
    line-height: 0.7rem;
  }
}
</style>
