<script setup lang="ts">
/**
 * Scales what lies in it to the room there is: down where it would not fit, up where there is room to spare. Below
 * `least` it scrolls inside instead.
 */
const { least = 0.6, most = 1 } = defineProps<{ least?: number; most?: number }>()

const outer = useTemplateRef('outer')
const inner = useTemplateRef('inner')
const zoom = ref(1)
const STEPS = 12
const REFINE = 3

/** Whether the content fits at a scale: it is laid out anew for each try, since text and rows wrap. */
function fits(scale: number): boolean {
  const [box, content] = [outer.value!, inner.value!]
  content.style.zoom = String(scale)
  const room = box.getBoundingClientRect()
  const size = content.getBoundingClientRect()
  return size.height <= room.height + 0.5 && content.scrollWidth <= content.clientWidth + 1
}

function fit() {
  if (!outer.value || !inner.value || !outer.value.clientHeight) return
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
  inner.value.style.zoom = String(zoom.value)
}

/** What a fit itself changes is no reason for another one. */
let fitting = false
function refit() {
  if (fitting) return
  fitting = true
  requestAnimationFrame(() => {
    fit()
    requestAnimationFrame(() => (fitting = false))
  })
}
useResizeObserver(outer, refit)
useMutationObserver(inner, refit, { childList: true, subtree: true, characterData: true })
onMounted(fit)
watch(() => [least, most], refit)
</script>

<template>
  <div ref="outer" class="outer">
    <div ref="inner" class="inner"><slot /></div>
  </div>
</template>

<style scoped>
.outer {
  overflow: auto;
  min-height: 0;
  height: 100%;
}
.inner {
  width: 100%;
  /* It is measured in the same breath as it is scaled. */
  transition: none !important;
}
</style>
