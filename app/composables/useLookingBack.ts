/**
 * What is looked back on between moments that the room's own clocks tell: asked for once its time zone is known, and anew
 * where `query` changes. Null while it is on its way the first time.
 */
export function useLookingBack<T>(get: () => Promise<T>, query: Ref<string>) {
  const { load: knowZone } = useAccess()
  // Which day it is, and when it begins, only the room's time zone tells.
  return useAnswer(get, query, knowZone)
}
