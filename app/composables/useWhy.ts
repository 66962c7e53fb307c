/** How long a reason that was touched stays, in milliseconds: long enough to be read at arm's length. */
const SHOWN_MS = 4000

/** A grey key that somebody asks about, and why it is grey. */
interface Asked {
  readonly key: HTMLElement
  readonly why: string
}

const asked = shallowRef<Asked | null>(null)
let going: ReturnType<typeof setTimeout> | undefined

/** Why a key is grey: told beside it to whoever points at it, comes to it by keyboard or touches it. One at a time. */
export function useWhy() {
  const hush = (key?: EventTarget | null) => {
    if (key && asked.value?.key !== key) return
    clearTimeout(going)
    asked.value = null
  }
  const tell = (key: HTMLElement, why: string, ms?: number) => {
    clearTimeout(going)
    asked.value = { key, why }
    if (ms) going = setTimeout(() => hush(key), ms)
  }

  /** What makes a button a grey one that says why; nothing where there is no reason. */
  function greyFor(why: string | false | null | undefined) {
    if (!why) return {}
    const point = ({ currentTarget }: Event) => tell(currentTarget as HTMLElement, why)
    const leave = ({ currentTarget }: Event) => hush(currentTarget)
    return {
      'aria-disabled': true,
      'aria-description': why,
      // Before any other listener of the key: a grey one does nothing else, and sends no form.
      onClickCapture: (event: Event) => {
        event.preventDefault()
        event.stopImmediatePropagation()
        tell(event.currentTarget as HTMLElement, why, SHOWN_MS)
      },
      onPointerenter: (event: PointerEvent) => event.pointerType === 'mouse' && point(event),
      onPointerleave: (event: PointerEvent) => event.pointerType === 'mouse' && leave(event),
      onFocus: (event: FocusEvent) => (event.currentTarget as HTMLElement).matches(':focus-visible') && point(event),
      onBlur: leave,
    }
  }

  return { asked: shallowReadonly(asked), hush, greyFor }
}
