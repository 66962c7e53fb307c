import { cpus, loadavg } from 'node:os'

/** One thing that was measured, beside what it is meant to be. */
export interface Row {
  readonly what: string
  readonly value: number
  readonly unit: 'µs' | 'ms' | 's' | 'a second' | 'times' | 'of 100'
  /** The most it may be, or the least; null where it is told for itself. */
  readonly aim: { readonly most: number } | { readonly least: number } | null
  /** What else is to be known of it. */
  readonly more?: string
}

export const atMost = (most: number) => ({ most })
export const atLeast = (least: number) => ({ least })

const isMet = ({ value, aim }: Row): boolean => aim === null || ('most' in aim ? value <= aim.most : value >= aim.least)

/** Below a hundred with two figures behind the point, else whole and grouped. */
const figure = (value: number) => value.toLocaleString('en', { maximumFractionDigits: Math.abs(value) < 100 ? 2 : 0 })

function said({ what, value, unit, aim, more }: Row) {
  const meant = aim === null ? '' : 'most' in aim ? `${figure(aim.most)} at most` : `${figure(aim.least)} at least`
  return {
    what,
    measured: `${figure(value)} ${unit}`,
    aim: meant,
    met: aim === null ? '' : isMet({ what, value, unit, aim }) ? 'yes' : 'NO',
    more: more ?? '',
  }
}

/** Prints all rows with the machine and how busy it was; says how many aims were missed. */
export function report(rows: readonly Row[], load: number): number {
  const [first] = cpus()
  console.table(rows.map(said))
  const aims = rows.filter(({ aim }) => aim !== null)
  const missed = aims.filter((row) => !isMet(row)).length
  console.log(`${cpus().length} threads of ${first?.model ?? 'an unknown processor'}, Node.js ${process.version}`)
  console.log(`Load when it began ${load.toFixed(2)}, at the end ${(loadavg()[0] ?? 0).toFixed(2)}`)
  if (load > 0.5) console.log('The machine was busy when it began: these figures are not to be relied on.')
  console.log(`${aims.length - missed} aims met, ${missed} missed`)
  return missed
}
