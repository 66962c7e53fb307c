import { zoneHere } from '../../room/zone'
import { defineRoute } from '../../utils/refusal'

/** The time zone by whose clocks days and weeks go here. */
export default defineRoute(() => zoneHere())
