import { useSortable } from '@vueuse/integrations/useSortable'
import type { SortableEvent } from 'sortablejs'
import type { MaybeRefOrGetter } from 'vue'

/** What was let go: the thing, the place under it, and where in that place's own list it lay then. */
interface Dropped {
  readonly item: HTMLElement
  readonly place: string
  readonly at: number
}

interface Wishes {
  /** Lists of one name take each other's things. */
  readonly group: string
  /** Which children can be dragged. */
  readonly draggable: string
  /** Things lie in an order that can be chosen; else they stay where they are until they are let go. */
  readonly ordered?: boolean
  drop(dropped: Dropped): void
}

/** Pixels that a finger moves before a touch is a drag. */
const SLACK = 8

const placeUnder = ({ clientX, clientY }: MouseEvent) =>
  document.elementFromPoint(clientX, clientY)?.closest<HTMLElement>('[data-place]')?.dataset.place

/** Sortable swallows the next click after a drag; where the drag brought none, that would be somebody's next touch. */
const takeClick = () => document.dispatchEvent(new MouseEvent('click', { cancelable: true }))

/**
 * Things dragged by mouse and by touch alike, with scrolling at the edges; Escape lets them be. Places carry `data-place`.
 * The list is drawn from its state: what the drag moves in the page is put back, and `drop` changes the state.
 */
export function useDragged(
  list: MaybeRefOrGetter<HTMLElement | null | undefined>,
  { group, draggable, ordered = false, drop }: Wishes,
) {
  let before: { readonly parent: HTMLElement; readonly next: ChildNode | null } | null = null
  let left = false
  const element = computed(() => toValue(list))

  useEventListener(
    'keydown',
    (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || !before) return
      event.stopPropagation()
      left = true
      document.dispatchEvent(new PointerEvent('pointerup'))
    },
    { capture: true },
  )

  function onEnd({ item, from, to, newDraggableIndex, originalEvent }: SortableEvent & { originalEvent?: MouseEvent }) {
    before?.parent.insertBefore(item, before.next)
    before = null
    setTimeout(takeClick)
    const own = to.dataset.place
    const place = (originalEvent && placeUnder(originalEvent)) ?? (to === from ? undefined : own)
    if (left || !place || (place === own && to === from && !ordered)) return
    drop({ item, place, at: place === own ? (newDraggableIndex ?? Infinity) : Infinity })
  }
  useSortable(element, [], {
    watchElement: true,
    group,
    draggable,
    sort: ordered,
    forceFallback: true,
    fallbackOnBody: true,
    fallbackTolerance: SLACK,
    emptyInsertThreshold: 24,
    scrollSensitivity: 90,
    scrollSpeed: 18,
    onStart: ({ item, from }) => {
      left = false
      before = { parent: from, next: item.nextSibling }
    },
    onMove: () => ordered,
    onUpdate: () => undefined,
    onEnd,
  })
}
