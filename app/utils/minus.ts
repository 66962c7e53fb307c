/** A number as it is drawn, in templates by this name. */
export { figure as minus } from '#core/basics/words'
