export default defineAppConfig({
  ui: {
    colors: { primary: 'petrol', neutral: 'stone', success: 'moss', error: 'brick', warning: 'amber' },
    button: { slots: { base: 'font-semibold cursor-pointer' }, defaultVariants: { size: 'lg' } },
    input: { defaultVariants: { size: 'lg' } },
  },
})
