/** Whatever is pressed: large enough for a thumb, like a key of an adding machine; none on paper. `key` names it for those who lay keys out. */
export const KEY = [
  'key min-h-12 min-w-12 px-[0.9rem] py-0 inline-flex items-center justify-center gap-2 touch-manipulation',
  'rounded-[0.6rem] border border-b-4 border-accented bg-(--sheet) text-(--ink) text-[1.05rem]/[1.5] font-[650]',
  'transition-transform duration-[60ms] print:hidden!',
  'not-disabled:not-aria-disabled:active:translate-y-0.5 not-disabled:not-aria-disabled:active:border-b-2',
].join(' ')
