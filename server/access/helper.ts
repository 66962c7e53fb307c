import type { H3Event } from 'h3'
import { helpsAt } from '../room/helpers'
import { passcodeHash } from './passcode'
import { mark, seal } from './sealed'
import { ofRoom, sealedHere } from './session'

/** Whoever asks, where a helper's code was given on that device. */
interface HelperHere {
  readonly id: string
  /** The one match that they may record at. */
  readonly match: string
}

declare module 'h3' {
  interface H3EventContext {
    /** Set where a request comes from a helper, and may do no more than helpers may. */
    helper?: HelperHere
  }
}

/** The helper that this request comes from, and where they help now; null where it comes from none. */
export async function helperHere(event: H3Event): Promise<HelperHere | null> {
  const id = (await sealedHere(event, 'helper'))?.data.helper
  if (!id) return null
  const match = await helpsAt(id)
  return match ? { id, match } : null
}

export async function letHelperIn(event: H3Event, id: string): Promise<void> {
  await seal(event, 'helper', { helper: id, passcode: mark(await passcodeHash()), ...ofRoom() })
}
