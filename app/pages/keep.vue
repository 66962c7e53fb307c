<script setup lang="ts">
/** Taking matches along and bringing them back. */
const { busy, done, problems, imported, broken, importMatch, restore } = useTransfer()
const { backups, folder, beforeChanges, failed } = useBackups()
const { access } = useAccess()

type Backup = NonNullable<typeof backups.value>[number]
const COLUMNS = [
  { id: 'at', label: 'Made', value: ({ at }: Backup) => at, words: true },
  { id: 'name', label: 'File', value: ({ name }: Backup) => name, words: true },
  { id: 'bytes', label: 'Size', value: ({ bytes }: Backup) => bytes },
]
const size = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`

useHead({ title: 'Keep · Nimble Tally' })
</script>

<template>
  <div class="max-w-3xl mx-auto space-y-5">
    <h1 class="text-3xl font-bold">Keep and bring back</h1>
    <section class="sheet p-5 space-y-3">
      <h2 class="text-xl font-bold">One match</h2>
      <p>A match file is judged as it comes in; each desk’s menu exports one, as CSV and as plain text too.</p>
      <FileKey label="Match file" says="Bring in a match file" :disabled="busy" @file="importMatch" />
    </section>
    <section class="sheet p-5 space-y-3">
      <h2 class="text-xl font-bold">Everything</h2>
      <p>All people and all matches with their tapes, in one file. What is here already stays as it is.</p>
      <div class="flex flex-wrap gap-2">
        <Key file="/api/archive"><UIcon name="i-lucide-archive" class="size-5" /> Take everything along</Key>
      </div>
      <FileKey label="Archive" says="Bring an archive back" :disabled="busy" @file="restore" />
      <p class="text-sm flex gap-2">
        <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> The file holds children’s names:
        keep it where only you can read it.
      </p>
    </section>
    <UndoList />
    <section class="sheet p-5 space-y-3" aria-labelledby="backups">
      <h2 id="backups" class="text-xl font-bold">Backups</h2>
      <p v-if="failed" role="alert">{{ failed }}</p>
      <p v-else-if="!folder">
        The data lie on a PostgreSQL server: its own tools keep them. Take everything along above, as often as you like.
      </p>
      <template v-else>
        <p>
          Made by Nimble Tally itself{{ access?.school ? ' of this room' : '' }}: one a day, one at the end of a
          session, one before something is deleted, merged or forgotten{{
            beforeChanges ? ', and one before every change of the database' : ''
          }}. Of those by the day, and of the others, the newest seven stay.
        </p>
        <p v-if="backups?.length === 0">None yet: the first one is made within a day.</p>
        <ListTable v-else-if="backups" :rows="backups" :columns="COLUMNS" label="Backups">
          <template #at="{ row }"
            ><b>{{ dayAndTime(row.at) }}</b></template
          >
          <template #name="{ row }"
            ><span class="figures text-sm break-all">{{ row.name }}</span></template
          >
          <template #bytes="{ row }">{{ size(row.bytes) }}</template>
        </ListTable>
        <p v-if="access?.school" class="text-sm">
          Whoever keeps the rooms of this school has them, and brings one back into this room.
        </p>
        <p v-else class="text-sm">
          They lie in <b>backups</b> beside the data, or where whoever serves has said. To go back to one, close Nimble
          Tally and start it with <code class="whitespace-nowrap">bin/start --restore FILE</code>; what is there now is
          set aside.
        </p>
      </template>
    </section>
    <ZoneChoice />
    <p v-if="busy" aria-busy="true">Judging …</p>
    <p v-if="done" role="status" class="sheet p-4 font-semibold">
      {{ done }}
      <NuxtLink v-if="imported" :to="`/match/${imported}`" class="underline underline-offset-4">Open it</NuxtLink>
    </p>
    <section v-if="broken.length" role="alert" class="sheet p-4 space-y-2 !border-(--call)">
      <h2 class="font-bold text-lg">
        {{ broken.length === 1 ? 'One match' : `${broken.length} matches` }} could not be read and stayed out
      </h2>
      <ul class="list-disc pl-5">
        <li v-for="(problem, i) in broken" :key="i">
          <b class="figures">{{ problem.path }}: </b>{{ problem.says }}
        </li>
      </ul>
    </section>
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
