/** A chance as a person reads it: whole hundredths, small ones with one place more; never 0 or 100 where it isn't. */
export function percent(chance: number): string {
  if (chance <= 0) return '0 %'
  if (chance >= 1) return '100 %'
  if (chance < 0.0005) return 'under 0.1 %'
  if (chance > 0.9995) return 'over 99.9 %'
  return `${(100 * chance).toFixed(chance < 0.0995 || chance > 0.9895 ? 1 : 0)} %`
}
