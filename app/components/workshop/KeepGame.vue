<script setup lang="ts">
import { readHouseRulesText } from '#core/format/houseRulesFile'
import { ownGame } from '#core/games/own-game/index'
import type { Game } from '#core/contract/game'
import type { NamedRules } from '#shared/api'
import { ApiError } from '~/utils/api'
import type { Workshop } from '~/composables/useWorkshop'

/** Own games of this room: kept under their title, taken up again, handed on as a file or a link, looked at from a file. */
const { workshop } = defineProps<{ workshop: Workshop }>()
const { recipe, rules, read, begin } = workshop
const own = useNamedRules({
  game: computed(() => ownGame as unknown as Game),
  named: computed(() => recipe.value),
  usePreset: (given) => begin({ ...given }),
})
const { all, now, failed, done, problems } = own
const told = useTold()
const handing = ref<NamedRules | null>(null)
const looked = ref<string | null>(null)

/** The one that is kept under this title already. */
const same = computed(() => all.value.find(({ name }) => name.toLowerCase() === rules.value.title.trim().toLowerCase()))
async function keep() {
  const before = same.value
  if (!before) return void (await own.keep(rules.value.title.trim()))
  if (await own.replace(before))
    told(`“${before.name}” is version ${before.version + 1} now.`, () => own.putBack(before))
}
/** What a file holds is looked at in the sentences before it is kept. */
async function look(file: File) {
  looked.value = failed.value = null
  problems.value = []
  try {
    const found = readHouseRulesText(await textOfWanted(file, 'house-rules'))
    if (!found.ok) throw new ApiError(422, 'wrong-file', 'It can’t be read, or its recipe is not in order.')
    if (found.file.game !== ownGame.id)
      throw new ApiError(422, 'wrong-file', 'It holds house rules of another game: bring it in at New match.')
    begin({ ...found.file.houseRules })
    looked.value = `This is “${found.file.name}” from the file: keep it if you like it, or step back.`
  } catch (error) {
    failed.value = `The file can’t be used; nothing was changed. ${saysOf(error)}`
  }
}
const route = useRoute()
/** A link leads to one that is kept: it is taken up once they are here. */
const linked = computed(() => all.value.find(({ id }) => id === route.query.kept))
watch(linked, (found) => found && begin({ ...found.houseRules }), { once: true })
watch(recipe, () => (done.value = null), { deep: true })
</script>

<template>
  <section class="sheet p-4 space-y-3" aria-label="Own games of this room">
    <h2 class="font-bold text-lg">Own games of this room</h2>
    <p v-if="!all.length">None is kept yet.</p>
    <ul v-else class="space-y-1.5">
      <li v-for="each in all" :key="each.id" class="flex items-center gap-1.5">
        <Key class="flex-1 justify-start! min-w-0" :aria-pressed="now?.id === each.id" @click="own.use(each)"
          ><UIcon name="i-lucide-bookmark" class="size-5 shrink-0" /> <span class="truncate">{{ each.name }}</span><span
            v-if="each.version > 1"
            class="text-sm ml-auto shrink-0"
            >version {{ each.version }}</span
          ></Key
        >
        <Key :aria-label="`Hand on ${each.name}`" title="Hand on" @click="handing = each"
          ><UIcon name="i-lucide-share-2" class="size-5"
        /></Key>
      </li>
    </ul>
    <Key v-if="read.ok && !now" class="w-full whitespace-normal wrap-anywhere py-2!" @click="keep()"
      ><UIcon name="i-lucide-bookmark-plus" class="size-5" />
      {{ same ? `Keep as version ${same.version + 1} of “${same.name}”` : `Keep “${rules.title}”` }}</Key
    >
    <FileKey label="File of an own game" says="Look at one from a file" @file="look($event)" />
    <p v-if="looked || done" role="status" class="font-semibold">{{ looked ?? done }}</p>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    <DeskSheet
      :open="handing !== null"
      :title="`Hand on “${handing?.name}”`"
      description="To another device of this room, or as a file."
      @update:open="$event || (handing = null)"
    >
      <LinkCode v-if="handing" :path="`/workshop?kept=${handing.id}`" :what="handing.name">
        <Key :file="`/api/house-rules/${handing.id}/export`"
          ><UIcon name="i-lucide-download" class="size-5" /> As a file</Key
        >
      </LinkCode>
    </DeskSheet>
  </section>
</template>
