import { KEY } from './key'

/** Looks of parts that stand in one place each: apart from app.config.ts, which every page brings along. */

/** The desk's menu: as high as a thumb, its signs in the colour of its words. */
export const MENU = {
  content: 'z-50 max-w-[min(23rem,calc(100vw-1rem))] bg-(--sheet) rounded-[0.6rem] ring-0 border-2 border-accented',
  group: 'px-1 py-0.5',
  label: 'min-h-9 items-center text-(--ink-soft)',
  item: 'min-h-11 items-center text-[1.05rem] text-(--ink) font-[650] cursor-pointer before:rounded-[0.45rem]',
  itemLeadingIcon: 'size-5 text-(--ink)',
  itemTrailingIcon: 'text-(--accent)',
  itemDescription: 'font-normal whitespace-normal text-sm text-(--ink-soft)',
}

/** First set-up: the steps are keys, pressed one after the other. */
export const STEPS = {
  trigger: [
    'rounded-[0.6rem] border border-b-4 border-accented bg-(--sheet) text-(--ink) cursor-pointer',
    'group-data-[state=active]:bg-(--accent) group-data-[state=active]:text-(--on-accent)',
    'group-data-[state=completed]:bg-(--accent-soft) group-data-[state=completed]:text-(--ink)',
    'group-data-[state=completed]:border-(--accent)',
  ].join(' '),
  separator: 'h-0 bg-transparent border-t-2 border-dashed border-accented',
  title: 'text-sm sm:text-base font-[650] text-(--ink)',
}

/** The letter home, as it will be read. */
export const LETTER = {
  root: 'border-2 border-accented rounded-[0.6rem] bg-(--sheet) overflow-hidden',
  base: [
    'min-h-40 max-h-96 overflow-y-auto px-3 py-2 sm:px-3 text-base *:my-2',
    '[&_p]:leading-6 [&_h2]:text-lg [&_ul]:ps-5 [&_li]:my-0.5 [&_li]:ps-0',
  ].join(' '),
}
export const LETTER_TOOLS = { base: 'p-1.5 border-b border-accented bg-(--sunken)', group: 'flex-wrap gap-1.5' }

/** What is shown in one place, of several: keys of which one is pressed. */
export const TABS = {
  list: 'gap-[0.3rem] p-0 border-0 mb-0',
  indicator: 'hidden',
  label: 'overflow-visible',
  trigger:
    `${KEY} min-h-11 px-2 flex-auto data-[state=inactive]:text-(--ink) data-[state=active]:text-(--ink) ` +
    'data-[state=active]:bg-(--accent-soft) data-[state=active]:border-(--accent)',
}
