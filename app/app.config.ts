import { KEY } from './theme/key'

/** Grey and dashed: it does nothing now. */
const STILL = [
  'disabled:opacity-100 disabled:text-(--ink-soft) disabled:bg-(--sunken) disabled:border-dashed disabled:border-b',
  'aria-disabled:opacity-100 aria-disabled:text-(--ink-soft) aria-disabled:bg-(--sunken) aria-disabled:border-dashed',
  'aria-disabled:border-b aria-disabled:cursor-help',
].join(' ')
const PRESSED = 'aria-pressed:bg-(--accent-soft) aria-pressed:border-(--accent)'
const MAIN = [
  'key-main bg-(--accent) text-(--on-accent) border-[color-mix(in_oklab,var(--accent),black_35%)]',
  'disabled:border-accented aria-disabled:border-accented',
].join(' ')

/** One of a few that is chosen, or has the focus of the keyboard. */
const CHOSEN = 'has-data-[state=checked]:bg-(--accent-soft) has-data-[state=checked]:border-(--accent)'
const FOCUS = 'has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-(--accent)'

export default defineAppConfig({
  ui: {
    // Names alone: main.css says what each colour is, and no palette is in the pages (modules/unasked).
    colors: { primary: 'accent', neutral: 'ink', error: 'refused' },
    button: {
      slots: { base: 'font-semibold cursor-pointer' },
      variants: {
        variant: {
          key: `${KEY} ${PRESSED} ${STILL}`,
          main: `${KEY} ${MAIN} ${STILL}`,
          // Words that are pressed within others, or beside a key that matters more.
          words: 'min-h-11 px-2 py-0 underline underline-offset-4 text-current font-semibold disabled:opacity-60',
          bare: 'size-11 p-0 justify-center rounded-lg hover:bg-(--sunken)',
        },
        size: { key: '' },
      },
      defaultVariants: { size: 'lg' },
    },
    radioGroup: {
      slots: { fieldset: 'flex-wrap gap-1.5', legend: 'font-semibold' },
      variants: {
        variant: {
          keys: { item: `relative cursor-pointer ${KEY} ${CHOSEN} ${FOCUS}`, label: 'font-[650]' },
          card: { item: `relative cursor-pointer flex-1 basis-60 border-3 border-accented ${CHOSEN} ${FOCUS}` },
        },
      },
      defaultVariants: { size: 'xl' },
    },
    // Why a key is grey, to be read at arm's length.
    tooltip: {
      slots: {
        content:
          'z-100 h-auto max-w-80 px-3 py-2 rounded-[0.6rem] ring-0 bg-(--ink) text-(--paper) text-base font-[650]',
      },
    },
    // The key of the keyboard that does the same, drawn as one.
    kbd: {
      base: 'px-[0.3rem] border border-accented rounded-[0.3rem] font-mono font-semibold normal-case text-inherit',
      variants: { variant: { cap: '' }, size: { md: 'h-[1.4rem] min-w-[1.4rem] text-xs' } },
      defaultVariants: { variant: 'cap' },
    },
    skeleton: { base: 'bg-(--sunken) rounded-[0.6rem]' },
    checkboxGroup: { slots: { fieldset: 'gap-y-1' }, defaultVariants: { size: 'xl' } },
    checkbox: {
      slots: { root: 'min-h-9', wrapper: 'text-base', label: 'font-normal' },
      defaultVariants: { size: 'xl' },
    },
    fileUpload: {
      slots: {
        base: 'min-h-16 bg-(--sheet) border-2 border-dashed border-accented rounded-[0.6rem] cursor-pointer',
        wrapper: 'flex-row flex-wrap justify-start gap-x-3 px-4 py-2',
        label: 'mt-0 text-[1.05rem] font-[650]',
        description: 'mt-0 text-base',
      },
    },
    table: {
      slots: {
        root: 'max-h-[75dvh] print:max-h-none print:overflow-visible',
        th: 'px-2.5 py-0 text-base',
        td: 'px-2.5 py-1.5 text-base text-(--ink) whitespace-normal',
      },
    },
    formField: { slots: { label: 'text-base font-semibold' } },
    input: { defaultVariants: { size: 'xl' } },
    inputTags: {
      slots: { item: 'min-h-9 px-2.5 gap-2 text-base', itemDelete: 'size-7 justify-center' },
      defaultVariants: { size: 'xl' },
    },
    inputNumber: { defaultVariants: { size: 'xl' } },
    selectMenu: { defaultVariants: { size: 'xl' } },
  },
})
