<script setup lang="ts">
import type { Line, Tape } from '#core/kernel/tape'
import { sayVerdict } from '#core/wording/index'
import { stampOf, stampOfLine } from '~/utils/stamps'

/**
 * The verdict on what is being entered, before it is recorded; else the last one, large, with its stamp, until the
 * next entry begins. It keeps its height, and its keys their place, so that nothing moves under a finger; what needs more
 * room for a while lies over the table's lower edge.
 */
const { tape, last, amending } = defineProps<{
  tape: Tape
  /** The newest entry that counts; null before the first. */
  last: Line | null
  amending: boolean
}>()
const emit = defineEmits<{ amend: [line: Line]; strike: [line: Line]; leave: [line: Line]; draw: [] }>()

const desk = useDesk()
const judged = computed(() => desk.judged.value)
/** Something is half entered and no verdict on it yet. */
const begun = computed(() => !judged.value && desk.entry.value !== null)
const finds = computed(() => tape.table.game.about.finds)
/** What a child is still to find: what is said in place of the verdict, and the sum to help with, which is not shown. */
const asked = computed(() => {
  if (judged.value) {
    const [toFind = null] = judged.value.verdict.working
    if (desk.kept.value === 'asked') return { says: finds.value.asks, toFind }
    return desk.kept.value ? { says: 'Not yet. Look at it once more.', toFind } : null
  }
  if (begun.value || !last || !desk.silent.value.has(last.number)) return null
  return { says: finds.value.asks, toFind: last.verdict.working.at(-1) ?? null }
})
const shown = computed(() => {
  if (asked.value) return { kind: 'open' as const, says: asked.value.says, working: null }
  if (judged.value)
    return {
      kind: stampOf(judged.value.verdict),
      says: desk.says.value ?? '',
      working: judged.value.verdict.working[0] ?? null,
    }
  if (begun.value || !last) return null
  return { kind: stampOfLine(last), says: sayVerdict(tape.table, last), working: last.verdict.working.at(-1) ?? null }
})
const refused = computed(() => judged.value !== null && !judged.value.verdict.stands)
/** The last entry leaves something for the referee to decide. */
const deciding = computed(() =>
  !desk.helping.value && !judged.value && !begun.value && shown.value?.kind === 'call' ? last : null,
)
const short = (says: string) => says.replace(/^Doesn’t stand: /, '')
</script>

<template>
  <div class="place">
    <div class="verdict" :class="shown?.kind ?? 'idle'" data-testid="verdict">
      <template v-if="shown">
        <UIcon v-if="asked" name="i-lucide-message-circle-question" class="question" />
        <Stamp v-else :kind="shown.kind" :small="refused || deciding !== null" class="mark" />
        <div
          class="says"
          :class="{ asks: asked, long: shown.says.length > 90, longer: shown.says.length > 170 }"
          tabindex="0"
        >
          <p>{{ short(shown.says) }}</p>
          <WorkingLine v-if="shown.working" :working="shown.working" tens class="sum" @click="emit('draw')" />
        </div>
      </template>
      <p v-else class="says text-(--ink-soft)" tabindex="0">
        {{
          begun
            ? desk.veiled.value
              ? finds.asks
              : 'Go on; the verdict comes as soon as it can.'
            : 'Enter what came up; the verdict appears here at once.'
        }}
      </p>
      <LazyVeilKeys v-if="asked && (!refused || desk.kept.value === 'asked')" :working="asked.toFind" />
      <OverruleKeys
        v-else-if="refused"
        :overrulable="desk.overrulable.value"
        :keep="amending ? 'Put it right so' : 'Keep it as tried'"
        @slip="desk.record()"
        @overrule="desk.record($event)"
        @clear="desk.clear()"
      >
        <Key v-if="asked" aria-label="Show it" @click="desk.lift()"
          ><UIcon name="i-lucide-eye" class="size-5" /> <span>Show it</span></Key
        >
      </OverruleKeys>
      <VerdictKeys v-else-if="deciding" label="Yours to decide">
        <Key v-if="deciding.entry.kind === 'play'" @click="emit('amend', deciding)"
          ><UIcon name="i-lucide-pencil" class="size-5" /> <span>Put it right …</span></Key
        >
        <Key @click="emit('strike', deciding)"
          ><UIcon name="i-lucide-undo-2" class="size-5" /> <span>Take it back</span></Key
        >
        <Key @click="emit('leave', deciding)"
          ><UIcon name="i-lucide-check" class="size-5" /> <span>Leave it so</span></Key
        >
      </VerdictKeys>
    </div>
  </div>
</template>

<style scoped>
.place {
  position: relative;
  height: 4.6rem;
}
.verdict {
  position: absolute;
  inset: auto 0 0;
  z-index: 2;
  min-height: 100%;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.3rem 0.9rem;
  padding: 0.3rem 0.8rem;
  border-radius: 0.6rem;
  border: 2px solid var(--rule);
  background: var(--sheet);
  overflow: hidden;
}
.mark {
  font-size: 1.2rem;
}
.says {
  max-height: 8rem;
  overflow-y: auto;
  font-weight: 600;
  font-size: 1.1rem;
  line-height: 1.25;
}
.question {
  width: 2.2rem;
  height: 2.2rem;
  color: var(--call);
}
.says.asks {
  font: 700 1.4rem/1.15 var(--font-display);
}
.says.long {
  font-size: 0.98rem;
  line-height: 1.2;
}
.says.longer {
  font-size: 0.86rem;
  line-height: 1.15;
}
.sum {
  font-size: 1.15rem;
  cursor: pointer;
}
.stands,
.overruled {
  border-color: var(--stands);
}
.refused {
  border-color: var(--refused);
}
.call,
.noted,
.open {
  border-color: var(--call);
}
.idle {
  border-style: dashed;
  background: transparent;
}
.idle .says {
  grid-column: 1 / -1;
}
/* Narrow, or a tablet upright: the words have the whole width, stamp and keys a line of their own below. */
@media (max-width: 63.99rem) {
  .place {
    height: 7rem;
  }
  .verdict {
    grid-template-columns: auto minmax(0, 1fr);
    grid-template-rows: minmax(min-content, 1fr) auto;
    gap: 0.2rem 0.5rem;
    padding: 0.3rem 0.5rem;
  }
  .says {
    grid-column: 1 / -1;
    grid-row: 1;
    font-size: 1rem;
    line-height: 1.15;
  }
  .says.long {
    font-size: 0.92rem;
    line-height: 1.12;
  }
  .sum {
    font-size: 1rem;
  }
  .mark,
  .question {
    grid-row: 2;
    font-size: 1rem;
  }
  .says.asks {
    font-size: 1.2rem;
  }
}
/* Groups of a working have frames: they need their room below the words. */
@media (max-width: 63.99rem) and (min-height: 34.01rem) {
  .says:not(.long) .sum {
    line-height: 1.5;
  }
}
@media (max-height: 34rem) and (min-width: 60rem) {
  .verdict:has(.long) .mark :deep(span:last-child) {
    position: absolute;
    clip-path: inset(50%);
  }
  .place {
    height: 3.6rem;
  }
  .verdict {
    grid-template-columns: auto minmax(0, 1fr) auto;
    grid-template-rows: minmax(min-content, 1fr);
    padding: 0.15rem 0.5rem;
  }
  .says {
    font-size: 0.95rem;
    line-height: 1.15;
    grid-column: auto;
    grid-row: auto;
  }
  .says.long {
    font-size: 0.85rem;
    line-height: 1.08;
  }
  .mark,
  .question {
    font-size: 0.9rem;
    grid-row: auto;
  }
}
/* A phone: as high as the words alone. Keys come below them. */
@media (max-width: 47.99rem), (max-height: 34rem) and (max-width: 59.99rem) {
  .place {
    height: 4.2rem;
  }
  .verdict {
    grid-template-columns: auto minmax(0, 1fr);
    grid-template-rows: auto auto;
  }
  .says {
    grid-column: 2;
  }
  .idle .says {
    grid-column: 1 / -1;
  }
  .mark,
  .question {
    grid-row: 1;
  }
  .mark {
    padding: 0.15em;
    border-width: 2px;
  }
  .mark :deep(span:last-child) {
    position: absolute;
    clip-path: inset(50%);
  }
  .verdict > :deep(.keys) {
    grid-column: 1 / -1;
  }
}
</style>
