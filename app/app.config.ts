export default defineAppConfig({
  ui: {
    colors: { primary: 'petrol', neutral: 'stone', success: 'moss', error: 'brick', warning: 'amber' },
    button: {
      slots: { base: 'font-semibold cursor-pointer' },
      variants: {
        // A key of the pad (.key in main.css, which labels and summaries share): what the library's base says of shape,
        // weight and greyness is ours to say.
        variant: {
          key: 'key rounded-[0.6rem] font-[650] transition-transform duration-[60ms] disabled:opacity-100',
          main: 'key key-main rounded-[0.6rem] font-[650] transition-transform duration-[60ms] disabled:opacity-100',
        },
        size: { key: '' },
      },
      defaultVariants: { size: 'lg' },
    },
    input: { defaultVariants: { size: 'lg' } },
  },
})
