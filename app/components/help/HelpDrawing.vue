<script setup lang="ts">
import { workOn, type Aid } from '#core/mastery/ladder'
import type { Rung } from '#core/mastery/rungs'

/** A drawing to find an answer with, to be touched; what lies in it is kept outside, so that a second screen can show it. */
const { aid, rung } = defineProps<{ aid: Aid; rung: Rung }>()
const work = defineModel<readonly number[]>({ required: true })

/** What lies there by itself. */
const laid = computed(() => workOn(aid, rung))
</script>

<template>
  <HelpFrames v-if="aid.kind === 'frames'" v-model="work" :aid="aid" :laid="laid" />
  <HelpBeads v-else-if="aid.kind === 'beads'" v-model="work" :aid="aid" />
  <HelpRows v-else-if="aid.kind === 'rows'" v-model="work" :aid="aid" />
  <HelpBlocks v-else-if="aid.kind === 'blocks'" v-model="work" />
  <HelpLine v-else v-model="work" :aid="aid" :laid="laid" />
</template>
