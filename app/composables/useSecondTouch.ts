import type { Ref } from 'vue'

/** Milliseconds within which a second touch at the same spot is one of a double tap. */
const DOUBLE_MS = 350
/** Pixels by which a finger strays between both. */
const NEAR = 28

/** A touch: when, where, on what, and how much had been recorded by then. */
interface Touch {
  readonly at: number
  readonly x: number
  readonly y: number
  readonly on: string
  readonly recorded: number
}

/**
 * The second touch of a double tap never presses what only just came under the finger: where another key stands now (or
 * the same one says something else), or where the first touch has recorded something, it is no touch. Else the same key
 * twice is meant: two sixes are tapped so. `recorded` counts what was recorded here.
 */
export function useSecondTouch(root: Ref<HTMLElement | null>, recorded: () => number): void {
  let last: Touch | null = null

  useEventListener(
    root,
    'click',
    (event: MouseEvent) => {
      // By keyboard there is no finger.
      if (event.detail === 0) return
      const { timeStamp: at, clientX: x, clientY: y } = event
      const on = nameOf(event.target as Element)
      const second = last !== null && at - last.at < DOUBLE_MS && Math.hypot(x - last.x, y - last.y) < NEAR
      if (second && (on !== last!.on || recorded() !== last!.recorded)) {
        event.preventDefault()
        event.stopPropagation()
        return
      }
      last = { at, x, y, on, recorded: recorded() }
    },
    { capture: true },
  )
}

/** What somebody touched, as they read it. */
function nameOf(target: Element): string {
  const key = target.closest('button, a, label, [role="button"], [role="switch"], [tabindex]') ?? target
  return key.getAttribute('aria-label') ?? key.textContent?.trim() ?? ''
}
