import { keyHere } from '../school/here'
import { Refusal } from '../utils/refusal'

/** What one kind of board is drawn from. */
interface ShowingParts {
  /** The picture of what is shown, as JSON; throws where it is there no more. */
  readonly draw: (shown: string) => Promise<string>
  /** The link that leads to it now; undefined where it is there no more. */
  readonly tokenOf: (shown: string) => Promise<string | undefined>
  /** Calls back for each change: a new picture, or a link that may lead elsewhere. Returns how to stop. */
  readonly follow: (shown: string, changed: (what: 'picture' | 'link') => void) => () => void
}

/** Gets the picture as JSON, or null when this link leads to it no longer. */
type See = (picture: string | null) => void

/** Everybody who looks at one board: its picture is drawn once a change, and not once a viewer. */
interface Showing {
  readonly viewers: Map<object, { readonly token: string; readonly see: See }>
  readonly stop: () => void
  /** The picture as it was drawn last; null before the first. */
  picture: string | null
  drawing: boolean
  again: boolean
}

export interface Showings {
  /** Shows a board to one more viewer, at once and after every change; returns how to stop. */
  follow(shown: string, token: string, see: See): () => void
}

const report = (shown: string, error: unknown) => console.error(`The board of ${shown} can’t be drawn:`, error)

/** Boards of one kind, each drawn once for all who look at it. */
export function makeShowings({ draw: drawn, tokenOf, follow }: ShowingParts): Showings {
  const showings = new Map<string, Showing>()

  function open(shown: string): Showing {
    const showing: Showing = {
      viewers: new Map(),
      stop: follow(
        shown,
        (what) =>
          void (what === 'link' ? recheck(shown, showing) : draw(shown, showing)).catch((error: unknown) =>
            report(shown, error),
          ),
      ),
      picture: null,
      drawing: false,
      again: false,
    }
    showings.set(keyHere(shown), showing)
    return showing
  }

  /** Several changes while one picture is being drawn make one more. */
  async function draw(shown: string, showing: Showing): Promise<void> {
    showing.again = true
    if (showing.drawing) return
    showing.drawing = true
    try {
      while (showing.again) {
        showing.again = false
        showing.picture = await drawn(shown)
        for (const { see } of [...showing.viewers.values()]) see(showing.picture)
      }
    } catch (error) {
      if (error instanceof Refusal) for (const { see } of [...showing.viewers.values()]) see(null)
      // A fault in drawing it: whoever looks keeps the picture that they have, until the next change.
      else report(shown, error)
    } finally {
      showing.drawing = false
    }
  }

  /** The link changed hands: whoever came by the old one is sent away. */
  async function recheck(shown: string, showing: Showing): Promise<void> {
    const now = await tokenOf(shown)
    for (const { token, see } of [...showing.viewers.values()]) if (token !== now) see(null)
  }

  return {
    follow(shown, token, see) {
      const key = keyHere(shown)
      const showing = showings.get(key) ?? open(shown)
      const viewer = {}
      showing.viewers.set(viewer, { token, see })
      if (showing.picture !== null && !showing.drawing) see(showing.picture)
      else void draw(shown, showing)
      // The link may have been renewed between the question where it leads and now; nobody would tell this viewer.
      void recheck(shown, showing).catch((error: unknown) => report(shown, error))
      return () => {
        showing.viewers.delete(viewer)
        if (showing.viewers.size) return
        showing.stop()
        if (showings.get(key) === showing) showings.delete(key)
      }
    },
  }
}
