/** Whether a match is veiled, as a choice between who referees it. */
export function useWhoReferees(veiled: () => boolean, set: (veiled: boolean) => void) {
  return computed<'refereed' | 'alone'>({
    get: () => (veiled() ? 'alone' : 'refereed'),
    set: (now) => set(now === 'alone'),
  })
}
