/** Milliseconds that a move takes: long enough to be followed, over before the next touch. */
const MOVE_MS = 320
/** More new things than this are a deal, and not what a play brought. */
const MOST_ARRIVALS = 8

/**
 * Shows within `root` how the table changed from one moment of the tape to the next: what carries the same `data-piece` is
 * seen to move from where it was, what is marked `data-arrives` and was not there comes in, a line marked `data-drawn` that
 * was not there is drawn. Nothing waits for it, and nothing moves where the device asks for that.
 */
export function usePieceMoves(root: Readonly<Ref<HTMLElement | null>>, moment: () => unknown) {
  const calm = usePreferredReducedMotion()
  let places = new Map<string, DOMRect>()
  let there = new Set<Element>()
  const each = (what: string) => root.value?.querySelectorAll<HTMLElement | SVGGraphicsElement>(what) ?? []

  function look() {
    places = new Map()
    for (const piece of each('[data-piece]')) places.set(piece.dataset.piece!, piece.getBoundingClientRect())
    there = new Set(each('[data-arrives], [data-drawn]'))
  }

  function show() {
    for (const piece of each('[data-piece]')) {
      const from = places.get(piece.dataset.piece!)
      const to = piece.getBoundingClientRect()
      if (!from || !to.width || !from.width) continue
      const scale = scaleOf(piece)
      const [x, y] = [(from.left - to.left) / scale, (from.top - to.top) / scale]
      if (Math.hypot(x, y) < 1) continue
      piece.animate([{ transform: `translate(${x}px, ${y}px)` }, { transform: 'none' }], {
        duration: MOVE_MS,
        easing: 'ease-in-out',
      })
    }
    for (const line of each('[data-drawn]'))
      if (!there.has(line))
        line.animate([{ clipPath: 'inset(0 100% 100% 0)' }, { clipPath: 'inset(0)' }], { duration: MOVE_MS })
    const came = [...each('[data-arrives]')].filter((piece) => !there.has(piece))
    // Where nothing was there, the whole table is new.
    if (!there.size || came.length > MOST_ARRIVALS) return
    for (const piece of came)
      piece.animate([{ scale: 0.5 }, { scale: 1.08, offset: 0.7 }, { scale: 1 }], { duration: MOVE_MS * 0.8 })
  }

  const moves = () => calm.value !== 'reduce'
  watch(moment, () => moves() && look(), { flush: 'pre' })
  watch(moment, () => moves() && show(), { flush: 'post' })
}

/** How many pixels of the screen are one of those in which an element is moved. */
function scaleOf(piece: HTMLElement | SVGGraphicsElement): number {
  if (piece instanceof HTMLElement) return piece.currentCSSZoom
  // A drawing that stands by itself is moved in pixels, its parts in its own measure.
  if (piece instanceof SVGSVGElement) return piece.parentElement?.currentCSSZoom ?? 1
  const matrix = piece.getScreenCTM()
  return matrix ? Math.hypot(matrix.a, matrix.b) : 1
}
