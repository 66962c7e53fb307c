/** A key as it was pressed, as pads look at it. */
export interface Press {
  /** In lower case: `a`, `enter`, `backspace`, `f1`. */
  readonly key: string
  /** The digit, whatever Shift makes of it; null for other keys. */
  readonly digit: number | null
  /** The card: 0 to 9, T is ten; null for other keys. */
  readonly card: number | null
  readonly shift: boolean
  readonly event: KeyboardEvent
}

/** One of a pad's keys: how it is written in the sheet of shortcuts, what it does, when it counts, and doing it. */
export interface PadKey {
  readonly keys: string
  readonly does: string
  on(press: Press): boolean
  run(press: Press): void
}

/** Whether this key is meant; Enter is left to a button that has the focus. */
export const isKey = (key: string) => (press: Press) =>
  press.key === key && !press.shift && !(key === 'enter' && isButton(press.event))

/**
 * A pad's keys: they are listened to while the pad is there, and stand in the sheet of shortcuts. Those of a part that
 * goes before the rest of the pad (`first`) are asked first.
 */
export function usePad(keys: readonly PadKey[], { first = false } = {}): void {
  const { padKeys } = useDesk()
  padKeys.value = [...padKeys.value, ...keys.map(({ keys: shown, does }) => [shown, does] as const)]
  onBeforeUnmount(
    () =>
      (padKeys.value = padKeys.value.filter(
        ([shown, does]) => !keys.some((each) => each.keys === shown && each.does === does),
      )),
  )

  useEventListener(
    'keydown',
    (event: KeyboardEvent) => {
      if (event.defaultPrevented || isForeign(event)) return
      const press = pressOf(event)
      const found = keys.find((each) => each.on(press))
      if (!found) return
      event.preventDefault()
      found.run(press)
    },
    { capture: first },
  )
}

function pressOf(event: KeyboardEvent): Press {
  const key = event.key.toLowerCase()
  const code = /^(?:Digit|Numpad)(\d)$/.exec(event.code)?.[1]
  const digit = code !== undefined ? Number(code) : /^\d$/.test(key) ? Number(key) : null
  const card = event.shiftKey ? null : key === 't' ? 10 : /^\d$/.test(key) ? Number(key) : null
  return { key, digit, card, shift: event.shiftKey, event }
}
