/** What is done with the kinds of events that somebody waits for. */
export type Hears<Tells> = { readonly [Kind in keyof Tells]?: (data: Tells[Kind]) => void }

/** A stream that is followed; `close` ends it for good. */
export interface Live {
  close(): void
}

const AGAIN_MS = 2000

/**
 * Follows a stream of server-sent events as long as the page is in sight: a browser keeps only a few connections to
 * one server, so a tab that nobody sees gives its own back. A stream that broke is opened anew. `lost` is told of it.
 */
export function followLive<Tells>(address: () => string, hears: Hears<Tells>, lost: () => void = () => {}): Live {
  let source: EventSource | null = null
  let again: ReturnType<typeof setTimeout> | undefined

  function open() {
    shut()
    source = new EventSource(address())
    for (const kind in hears)
      source.addEventListener(kind, (event: MessageEvent<string>) => hears[kind]?.(JSON.parse(event.data)))
    source.onerror = () => {
      lost()
      // The browser itself tries again while the stream is only broken; a closed one is opened anew here.
      if (source?.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS)
    }
  }
  function shut() {
    clearTimeout(again)
    source?.close()
    source = null
  }
  const turn = () => {
    if (document.visibilityState === 'visible') return open()
    shut()
    lost()
  }

  document.addEventListener('visibilitychange', turn)
  if (document.visibilityState === 'visible') open()
  return {
    close() {
      document.removeEventListener('visibilitychange', turn)
      shut()
    },
  }
}
