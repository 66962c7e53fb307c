/** How far a finger moves, in pixels, before a touch is a drag. */
const SLACK = 8

/**
 * Things dragged from one place to another, by mouse and by touch alike. Places carry `data-place`; `drop` gets what was
 * dragged and the place it was let go over. A touch that doesn't move stays a touch.
 */
export function useDragBetween(drop: (what: string, place: string) => void) {
  const dragged = ref<{ what: string; x: number; y: number } | null>(null)
  const over = ref<string | null>(null)
  let begun: { what: string; x: number; y: number; pointer: number } | null = null

  const placeAt = (x: number, y: number) =>
    document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-place]')?.dataset.place ?? null

  function grab(what: string, event: PointerEvent) {
    if (event.button !== 0) return
    begun = { what, x: event.clientX, y: event.clientY, pointer: event.pointerId }
  }
  function move({ pointerId, clientX: x, clientY: y }: PointerEvent) {
    if (begun?.pointer !== pointerId) return
    if (!dragged.value && Math.hypot(x - begun.x, y - begun.y) < SLACK) return
    dragged.value = { what: begun.what, x, y }
    over.value = placeAt(x, y)
  }
  function letGo({ pointerId, clientX, clientY }: PointerEvent) {
    if (begun?.pointer !== pointerId) return
    const what = dragged.value?.what
    const place = what ? placeAt(clientX, clientY) : null
    cancel()
    if (what && place) drop(what, place)
  }
  function cancel() {
    begun = null
    dragged.value = null
    over.value = null
  }
  useEventListener(window, 'pointermove', move)
  useEventListener(window, 'pointerup', letGo)
  useEventListener(window, 'pointercancel', cancel)
  return { dragged, over, grab }
}
