<script setup lang="ts">
import type { GameId } from '#core/games/ids'
import { WEIGHINGS } from '#core/games/weighings'

/** What good players look at: three positions of a game. One chooses first, then sees what each choice is worth. */
definePageMeta({ layout: 'bare' })
const { view, game, back } = await useLearning()
const weighing = game ? useWeighing(game, WEIGHINGS[game.id as GameId]) : null

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!weighing || event.ctrlKey || event.metaKey) return
  const onKey = (event.target as HTMLElement).closest('button, a')
  if (event.key === 'Enter' && weighing.chosen.value && !onKey) weighing.next()
  else weighing.choose(weighing.options.value[Number(event.key) - 1])
})
useHead({ title: () => `What good players look at: ${game?.about.title ?? ''} · Nimble Tally` })
</script>

<template>
  <LearnPage :game="game" :ok="weighing !== null">
    <template v-if="view && game && weighing">
      <header class="flex flex-wrap items-baseline gap-x-4 px-3 pt-2">
        <h1>
          What good players look at <span class="display">{{ game.about.title }}</span>
        </h1>
        <p class="round">{{ weighing.at.value + 1 }} of {{ weighing.last + 1 }}</p>
      </header>
      <p class="asks px-3">{{ weighing.weighing.value.asks }}</p>
      <div class="picture">
        <FitBox :least="0.7" :most="1.6" :moment="String(weighing.at.value)"
          ><component :is="view.Table" :key="weighing.at.value"
        /></FitBox>
      </div>
      <section class="sheet mx-3 p-3 told" aria-label="What it is worth" aria-live="polite">
        <template v-if="weighing.chosen.value">
          <p class="says">
            <span :class="weighing.chosen.value === weighing.best.value ? 'right' : 'wrong'">{{
              weighing.chosen.value === weighing.best.value ? 'So it is.' : 'Something else is better.'
            }}</span>
            {{ weighing.weighing.value.look }}
          </p>
          <ul>
            <li v-for="option in weighing.options.value" :key="option.says">
              <UIcon
                :name="option === weighing.best.value ? 'i-lucide-check' : 'i-lucide-minus'"
                class="size-5 shrink-0"
                :class="{ right: option === weighing.best.value }"
                :aria-label="option === weighing.best.value ? 'Better' : 'Less good'"
              />
              <b>{{ option.says }}</b> {{ option.tells }}
            </li>
          </ul>
        </template>
        <p v-else class="came">What would you do? Choose, then see what each is worth.</p>
      </section>
      <footer class="keys">
        <Key :to="back" aria-label="Back to the rulebook"><UIcon name="i-lucide-x" class="size-6" /></Key>
        <Key v-if="weighing.at.value > 0" aria-label="The one before" @click="weighing.back()"
          ><UIcon name="i-lucide-arrow-left" class="size-6"
        /></Key>
        <div v-if="!weighing.chosen.value" class="reasons" role="group" aria-label="Choices">
          <Key
            v-for="(option, i) in weighing.options.value"
            :key="option.says"
            class="whitespace-normal text-left py-2!"
            @click="weighing.choose(option)"
            >{{ i + 1 }}. {{ option.says }}</Key
          >
        </div>
        <Key v-else-if="weighing.at.value < weighing.last" main @click="weighing.next()"
          >The next one <UIcon name="i-lucide-arrow-right" class="size-6"
        /></Key>
        <Key v-else main :to="back">Back to the rulebook</Key>
      </footer>
    </template>
  </LearnPage>
</template>

<style scoped>
h1 {
  font-size: 1.5rem;
  font-weight: 800;
  line-height: 1.15;
  margin-right: auto;
}
.round {
  font-size: 1.25rem;
  color: var(--ink-soft);
  white-space: nowrap;
}
.asks {
  font-size: 1.3rem;
  line-height: 1.25;
  font-weight: 600;
}
.picture {
  flex: 1;
  min-height: 5rem;
  padding: 0.5rem 0.75rem;
}
/* As high before as after the choice, so that the picture does not move. */
@media (min-height: 40rem) {
  .told {
    min-height: 8.5rem;
  }
}
.told ul {
  margin-top: 0.3rem;
}
.told li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.1rem 0.5rem;
}
.says,
.came,
.told li {
  font-size: 1.15rem;
  line-height: 1.35;
}
.says span {
  font-weight: 700;
}
.right {
  color: var(--stands);
}
.wrong {
  color: var(--refused);
}
.keys {
  min-height: 4.6rem;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
  padding: 0.5rem 0.75rem;
}
.reasons {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
.reasons .key {
  font-size: 1.1rem;
}
/* At 200 % the picture gives way to what is read and pressed. */
@media (max-height: 30rem) {
  h1,
  .round {
    font-size: 1.15rem;
  }
  .asks,
  .says,
  .came,
  .told li {
    font-size: 1rem;
    line-height: 1.25;
  }
  .told {
    padding: 0.4rem 0.6rem;
  }
  .picture {
    min-height: 2rem;
    padding-block: 0.2rem;
  }
  .keys {
    min-height: 0;
    padding-block: 0.3rem;
  }
}
</style>
