import { itemAt } from '#core/basics/lists'
/** What tables are called, in the order in which they are set up. */
const NAMES = [
  'Lantern',
  'Buoy',
  'Anchor',
  'Gangway',
  'Capstan',
  'Heron',
  'Tiller',
  'Beacon',
  'Bollard',
  'Mooring',
  'Compass',
  'Spinnaker',
  'Jetty',
  'Rudder',
  'Pontoon',
  'Foghorn',
] as const

/** The name of a table by its place, from 0; the seventeenth is the second Lantern. */
export function tableName(place: number): string {
  const again = Math.floor(place / NAMES.length)
  return `${itemAt(NAMES, place % NAMES.length)}${again ? ` ${again + 1}` : ''}`
}
