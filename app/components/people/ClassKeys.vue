<script setup lang="ts">
import { toggled } from '#core/basics/lists'
import { classesAmong, LONGEST_CLASS, MOST_CLASSES } from '#core/room/classes'

/** The classes of a child, by touch; another class begins with its first child. */
const { classes } = defineProps<{ classes: readonly string[] }>()
const emit = defineEmits<{ change: [classes: readonly string[]] }>()

const { people } = usePeople()
const all = computed(() => classesAmong([...people.value, { classes }]))
const another = ref('')
const full = computed(() => classes.length >= MOST_CLASSES)
const fullWhy = `${MOST_CLASSES} classes are the most for one child.`
function add() {
  const name = another.value.trim()
  if (name && !classes.includes(name)) emit('change', [...classes, name])
  another.value = ''
}
</script>

<template>
  <section class="sheet p-4 space-y-2" aria-labelledby="classes">
    <h2 id="classes" class="text-xl font-bold">Classes</h2>
    <div class="flex flex-wrap gap-1.5">
      <Key
        v-for="each in all"
        :key="each"
        :aria-pressed="classes.includes(each)"
        :why="full && !classes.includes(each) && fullWhy"
        @click="emit('change', toggled(classes, each))"
        >{{ each }}</Key
      >
      <form class="flex gap-1.5" @submit.prevent="add">
        <UInput
          v-model="another"
          :maxlength="LONGEST_CLASS"
          class="w-40"
          placeholder="Another class"
          aria-label="Another class"
        />
        <Key type="submit" :why="(full && fullWhy) || (!another.trim() && 'Type the name of the class first.')"
          ><UIcon name="i-lucide-plus" class="size-5" /> Add</Key
        >
      </form>
    </div>
    <p v-if="full" class="text-sm">{{ fullWhy }}</p>
  </section>
</template>
