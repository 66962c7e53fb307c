<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'
import { matchTitle } from '#core/games/titles'
import { ofClass } from '#core/room/classes'
import { count } from '#core/basics/words'
import type { ListedMatch } from '#shared/api'

/** All matches by day: found by child, game, table and words; series among the same people; how it went over the weeks. */
const {
  people,
  tables,
  chosen,
  text,
  of,
  between,
  asked,
  days,
  series,
  weeks,
  total,
  next,
  ready,
  failed,
  load,
  showWeeks,
  withoutWeeks,
  more,
  set,
  toggle,
} = useLogbook()
const route = useRoute()
const GAMES = [{ items: [{ value: '', label: 'Every game' }, ...gameChoices()] }]
const title = (game: string) => aboutOf(game)?.title ?? game
const won = ({ summary }: ListedMatch, seat: number) => summary.result?.winners.includes(seat) ?? false
useHead({ title: 'Logbook · Nimble Tally' })
</script>

<template>
  <div class="space-y-4">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">Logbook</h1>
      <Key to="/day/today"><UIcon name="i-lucide-calendar-check" class="size-5" /> Today in one page</Key>
      <Key to="/ways"><UIcon name="i-lucide-lightbulb" class="size-5" /> The week’s ways</Key>
      <DayKey />
      <Key :aria-expanded="Boolean(weeks)" @click="showWeeks"
        ><UIcon name="i-lucide-chart-no-axes-combined" class="size-5" /> Over the weeks</Key
      >
      <Key :file="`/api/logbook/export?${asked}`"><UIcon name="i-lucide-sheet" class="size-5" /> CSV</Key>
    </header>
    <section class="sheet p-4 space-y-3" aria-label="What to look for">
      <div class="flex flex-wrap gap-2">
        <UInput
          v-model="text"
          size="xl"
          icon="i-lucide-search"
          maxlength="60"
          placeholder="Names, tables, what happened"
          aria-label="Find in the logbook"
          class="flex-1 min-w-52"
        />
        <Choose
          :model-value="String(route.query.game ?? '')"
          :choices="GAMES"
          label="Game"
          class="min-w-44"
          @update:model-value="set('game', $event)"
        />
        <Choose
          v-if="tables.length"
          :model-value="String(route.query.table ?? '')"
          :choices="[
            { items: [{ value: '', label: 'Every table' }, ...tables.map((value) => ({ value, label: value }))] },
          ]"
          label="Table"
          class="min-w-44"
          @update:model-value="set('table', $event)"
        />
        <BetweenKey v-model="between" />
      </div>
      <ClassFilter v-model="of" :people="people" />
      <div v-if="people.length" class="flex flex-wrap gap-2" role="group" aria-label="Whom">
        <PersonKeys :people="ofClass(people, of)" :chosen="(person) => chosen.includes(person)" @toggle="toggle" />
      </div>
    </section>
    <p v-if="withoutWeeks" role="alert" class="text-(--refused) font-semibold">{{ withoutWeeks }}</p>
    <section v-if="weeks" class="sheet p-4" aria-label="Over the weeks">
      <WeekCharts v-if="weeks.length" :weeks="weeks" />
      <p v-else>Nothing was played in the last half year with this filter.</p>
    </section>
    <section v-if="series.length" class="sheet p-4 space-y-1" aria-labelledby="series">
      <h2 id="series" class="text-xl font-bold">Among just these</h2>
      <p v-for="each in series" :key="each.game" class="text-lg">
        {{ title(each.game) }}:
        <template v-for="(person, i) in chosen" :key="person.id"
          ><span v-if="i" class="figures"> : </span>{{ person.name }} <b class="figures">{{ each.won[i] }}</b></template
        >
        <span class="text-(--ink-soft) text-base"> of {{ each.played }}</span>
      </p>
    </section>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed }} <Key @click="load()">Try again</Key>
    </p>
    <Awaited v-else-if="!ready" says="Turning the pages …" />
    <template v-else>
      <p role="status">{{ count(total, 'match', 'matches') }}</p>
      <section v-for="{ day, matches } in days" :key="day" class="space-y-1">
        <h2 class="text-lg font-bold">{{ day }}</h2>
        <ul class="sheet divide-y divide-(--rule)">
          <li v-for="match in matches" :key="match.id" class="flex items-center gap-2 pr-2">
            <NuxtLink
              :to="`/match/${match.id}`"
              class="grow px-3 py-2 grid gap-x-4 gap-y-0.5 sm:grid-cols-[3.5rem_11rem_minmax(0,1fr)] hover:bg-(--accent-soft)"
            >
              <span class="figures text-(--ink-soft)">{{ timeOfDay(match.updatedAt) }}</span>
              <span class="font-bold"
                >{{ matchTitle(match)
                }}<span v-if="match.name" class="block text-sm font-normal text-(--ink-soft)">{{
                  match.name
                }}</span></span
              >
              <span class="flex flex-wrap items-baseline gap-x-4">
                <span
                  v-for="(seat, i) in match.seats"
                  :key="i"
                  class="inline-flex items-baseline gap-1.5"
                  :class="{ 'font-bold': won(match, i + 1) }"
                >
                  <UIcon
                    v-if="won(match, i + 1)"
                    name="i-lucide-award"
                    class="size-4 self-center text-(--stands)"
                    aria-label="won"
                  />{{ seat.name }}
                  <span class="figures">{{ minus(match.summary.standing[i] ?? 0) }}</span>
                </span>
                <span v-if="!match.over" class="text-(--ink-soft)">in play</span>
              </span>
            </NuxtLink>
            <FinishKey v-if="!match.over" :match="match" @done="load()" />
          </li>
        </ul>
      </section>
      <UEmpty
        v-if="!days.length"
        class="sheet"
        icon="i-lucide-notebook"
        :title="asked ? 'Nothing of that kind was played.' : 'Nothing was played yet.'"
      />
      <Key v-if="next" class="mx-auto !flex" @click="more()"
        ><UIcon name="i-lucide-chevron-down" class="size-5" /> Older ones</Key
      >
    </template>
  </div>
</template>
