<script setup lang="ts">
import { DEMO_TURN } from '~/games/brim/demoTurn'

/** Brim explained, with one drawn turn. */
</script>

<template>
  <div class="space-y-5">
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">How it goes</h2>
      <ol class="list-decimal pl-6 space-y-1.5 text-lg">
        <li>Roll all dice.</li>
        <li>Freeze as many as you like: they stay as they lie for the rest of the turn.</li>
        <li>Roll the loose ones again, or stop.</li>
        <li>When you stop, all dice are added. Up to the limit, the sum is yours; over it, the turn brings nothing.</li>
        <li>Beside the sum the new total may be said: what one had and what came.</li>
        <li>After the agreed rounds most points win.</li>
      </ol>
    </section>
    <section class="space-y-3">
      <h2 class="text-2xl font-bold">A turn, drawn</h2>
      <ol class="grid gap-3 sm:grid-cols-3">
        <li v-for="(step, i) in DEMO_TURN" :key="i" class="sheet p-4 space-y-3">
          <p class="font-bold">{{ i + 1 }}. {{ step.what }}</p>
          <p class="flex gap-1.5 flex-wrap">
            <Die v-for="(face, d) in step.dice" :key="d" :face="face" :frozen="d < step.frozen" size="2.4rem" />
          </p>
          <BrimGauge :dice="step.dice" :frozen="step.frozen" :limit="20" :sum="step.dice.reduce((a, b) => a + b, 0)" />
          <p>{{ step.why }}</p>
        </li>
      </ol>
    </section>
  </div>
</template>
