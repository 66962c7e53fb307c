/** A key of the pad: .key in main.css, which labels and summaries share; of the library's own base, shape, weight and greyness are ours to say. */
const KEY = 'key rounded-[0.6rem] font-[650] transition-transform duration-[60ms] disabled:opacity-100'

export default defineAppConfig({
  ui: {
    colors: { primary: 'petrol', neutral: 'stone', success: 'moss', error: 'brick', warning: 'amber' },
    button: {
      slots: { base: 'font-semibold cursor-pointer' },
      variants: {
        variant: { key: KEY, main: `${KEY} key-main` },
        size: { key: '' },
      },
      defaultVariants: { size: 'lg' },
    },
    input: { defaultVariants: { size: 'lg' } },
  },
})
