<script setup lang="ts">
/**
 * Scales what lies in it to the room there is: down where it would not fit, up where there is room to spare. Below
 * `least` it scrolls inside instead.
 */
const {
  least = 0.6,
  most = 1,
  fill = false,
  moment = null,
} = defineProps<{
  least?: number
  most?: number
  /** What room is left below is given to what lies in it, to spread over. */
  fill?: boolean
  /** What is another with every play, where a table lies in it: pieces are seen to move then. */
  moment?: unknown
}>()

const outer = useTemplateRef('outer')
const inner = useTemplateRef<HTMLElement>('inner')
usePieceMoves(inner, () => moment)
const zoom = ref(1)
/** What scrolls can be scrolled by keyboard, also where nothing in it takes the focus. */
const scrolls = ref(false)
const STEPS = 12
const REFINE = 3

/** What the newest fit found: the room, the scale, and how large and how many what lies in it was then. */
let found = ''
/** To be asked while what room is left isn't given away. */
function measured(): string {
  const [box, content] = [outer.value!, inner.value!]
  const { height } = content.getBoundingClientRect()
  const parts = content.getElementsByTagName('*').length
  return [box.clientWidth, box.clientHeight, zoom.value, height, content.scrollWidth, parts].join(' ')
}

/** Whether the content fits at a scale: it is laid out anew for each try, since text and rows wrap. */
function fits(scale: number): boolean {
  const [box, content] = [outer.value!, inner.value!]
  content.style.zoom = String(scale)
  const room = box.getBoundingClientRect()
  const size = content.getBoundingClientRect()
  return size.height <= room.height + 0.5 && content.scrollWidth <= content.clientWidth + 1
}

function fit() {
  // A part that is still being loaded has no size yet, and would be taken for one that fits at any scale.
  if (!outer.value?.clientHeight || !inner.value?.clientHeight) return
  inner.value.style.minHeight = ''
  // Most plays change words and numbers where they stand: then the scale stays, which a dozen layouts would find again.
  if (found !== measured()) find()
  spread()
  lookWhetherItScrolls()
}

function find() {
  // Rows wrap, so that something larger may fit where something smaller does not: looked for from the largest down.
  let high = most
  let low = least
  for (let step = 0; step <= STEPS; step++) {
    low = most * (least / most) ** (step / STEPS)
    if (fits(low)) break
    high = low
  }
  for (let step = 0; step < REFINE && low < high; step++) {
    const middle = (low + high) / 2
    if (fits(middle)) low = middle
    else high = middle
  }
  zoom.value = Math.round(low * 1000) / 1000
  inner.value!.style.zoom = String(zoom.value)
  found = measured()
}

/** Its own scale counts in its own height, too. */
function spread() {
  if (fill) inner.value!.style.minHeight = `${Math.floor(outer.value!.clientHeight / zoom.value) - 1}px`
}

function lookWhetherItScrolls() {
  const box = outer.value
  if (box) scrolls.value = box.scrollHeight > box.clientHeight + 1 || box.scrollWidth > box.clientWidth + 1
}

/** What a fit itself changes is no reason for another one; what comes while one is under way is fitted after it, at most so often. */
const MOST_TURNS = 2
let fitting = false
let again = false
function refit(turn = 0) {
  again = true
  if (fitting) return
  fitting = true
  requestAnimationFrame(() => {
    again = false
    fit()
    requestAnimationFrame(() => {
      fitting = false
      if (again && turn < MOST_TURNS) refit(turn + 1)
      else shrink()
    })
  })
}

/** Whatever came later than the fit (a font, a style, a rounding of the browser): what is too large now is made smaller. */
function shrink() {
  lookWhetherItScrolls()
  if (!outer.value || !inner.value || zoom.value <= least) return
  const tooHigh = outer.value.scrollHeight / outer.value.clientHeight
  const tooWide = outer.value.scrollWidth / outer.value.clientWidth
  const factor = Math.max(tooHigh, tooWide)
  if (!(factor > 1.002)) return
  zoom.value = Math.max(least, Math.floor((zoom.value / factor) * 995) / 1000)
  inner.value.style.zoom = String(zoom.value)
  spread()
}
useResizeObserver(outer, () => refit())
useResizeObserver(inner, shrink)
useMutationObserver(inner, () => refit(), { childList: true, subtree: true, characterData: true })
onMounted(fit)
watch(
  () => [least, most],
  () => {
    found = ''
    refit()
  },
)
</script>

<template>
  <div ref="outer" class="outer" :tabindex="scrolls ? 0 : undefined">
    <div ref="inner" class="inner" :class="{ fill }"><slot /></div>
  </div>
</template>

<style scoped>
.outer {
  /* What is only heard lies within it, and does not make the page wider. */
  position: relative;
  overflow: auto;
  min-height: 0;
  height: 100%;
}
.inner {
  width: 100%;
  /* It is measured in the same breath as it is scaled. */
  transition: none !important;
}
.fill {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}
</style>
