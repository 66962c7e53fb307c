<script setup lang="ts">
import type { NuxtError } from '#app'

/** What is not there, or went wrong: told on our own page, with a way on. Nothing that was recorded is lost by it. */
const { error } = defineProps<{ error: NuxtError }>()
const missing = computed(() => error.statusCode === 404)
const again = () => window.location.reload()
const leave = (to: string) => clearError({ redirect: to })
useHead({ title: () => `${missing.value ? 'Not here' : 'Something went wrong'} · Nimble Tally` })
</script>

<template>
  <main class="min-h-dvh grid place-items-center p-4">
    <section class="sheet p-8 max-w-xl space-y-4 text-center">
      <img src="/mark.svg" alt="" class="size-14 mx-auto" />
      <h1 class="text-3xl font-extrabold">{{ missing ? 'There is no such page' : 'Something went wrong' }}</h1>
      <p>
        {{
          missing
            ? 'The address may be mistyped, or what stood here was deleted.'
            : 'What was recorded is kept. Load the page again; if it stays so, look at the server’s log.'
        }}
      </p>
      <div class="flex flex-wrap justify-center gap-2">
        <Key v-if="!missing" main @click="again"><UIcon name="i-lucide-rotate-ccw" class="size-5" /> Load it again</Key>
        <Key :main="missing" @click="leave('/')"><UIcon name="i-lucide-layout-grid" class="size-5" /> All matches</Key>
        <Key @click="leave('/rulebook')"><UIcon name="i-lucide-book-open" class="size-5" /> Rulebook</Key>
      </div>
    </section>
  </main>
</template>
