/** A phone, or a page at 200 %: tape and eye take the table's place, and what would be too small to be read is scrolled. */
export const useLittleRoom = () => useMediaQuery('(max-width: 59.99rem) and (max-height: 55.99rem)')
