<script setup lang="ts">
/** Taking matches along and bringing them back. */
const { busy, done, problems, imported, importMatch, restore } = useTransfer()

function pick(event: Event, use: (file: File) => Promise<void>) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) void use(file)
}
useHead({ title: 'Keep · Nimble Tally' })
</script>

<template>
  <div class="max-w-3xl mx-auto space-y-5">
    <h1 class="text-3xl font-bold">Keep and bring back</h1>
    <section class="sheet p-5 space-y-3">
      <h2 class="text-xl font-bold">One match</h2>
      <p>A match file is judged as it comes in; each desk’s menu exports one, as CSV and as plain text too.</p>
      <label class="key"
        ><UIcon name="i-lucide-file-up" class="size-5" /> Bring in a match file
        <input type="file" accept=".json,application/json" class="sr-only" :disabled="busy" aria-label="Match file" @change="pick($event, importMatch)" />
      </label>
    </section>
    <section class="sheet p-5 space-y-3">
      <h2 class="text-xl font-bold">Everything</h2>
      <p>All people and all matches with their tapes, in one file. What is here already stays as it is.</p>
      <div class="flex flex-wrap gap-2">
        <a class="key" href="/api/archive" download><UIcon name="i-lucide-archive" class="size-5" /> Take everything along</a>
        <label class="key"
          ><UIcon name="i-lucide-archive-restore" class="size-5" /> Bring an archive back
          <input type="file" accept=".json,application/json" class="sr-only" :disabled="busy" aria-label="Archive" @change="pick($event, restore)" />
        </label>
      </div>
      <p class="text-sm flex gap-2">
        <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> The file holds children’s names: keep it where only you can read it.
      </p>
    </section>
    <p v-if="busy" aria-busy="true">Judging …</p>
    <p v-if="done" role="status" class="sheet p-4 font-semibold">
      {{ done }} <NuxtLink v-if="imported" :to="`/match/${imported}`" class="underline underline-offset-4">Open it</NuxtLink>
    </p>
    <section v-if="problems.length" role="alert" class="sheet p-4 space-y-2 !border-(--refused)">
      <h2 class="font-bold text-lg">The file can’t be used; nothing was changed</h2>
      <ul class="list-disc pl-5">
        <li v-for="(problem, i) in problems" :key="i">
          <b v-if="problem.path" class="figures">{{ problem.path }}: </b>{{ problem.says }}
        </li>
      </ul>
    </section>
  </div>
</template>
