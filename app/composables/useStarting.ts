import type { Setup } from '~/composables/useSetup'

/** Starting what is set up; where something is missing, it is said, and the first field that it is missing in is ready to be typed in. */
export function useStarting(setup: Setup, form: Readonly<Ref<HTMLElement | null>>) {
  const { tried, seatProblem, problems, openingProblems } = setup
  /** What does not fit yet of players, of house rules, of what lies on the table; null where it fits. */
  const faults = computed(() => ({
    players: seatProblem.value,
    rules: problems.value.length ? 'A house rule does not fit; it is marked.' : null,
    table: openingProblems.value.length ? 'What lies on the table is not complete yet; it is marked.' : null,
  }))
  const wrong = computed(() =>
    tried.value ? (faults.value.players ?? faults.value.rules ?? faults.value.table) : null,
  )
  /** Brings the first field that is wrong into sight. */
  async function toFault() {
    await nextTick()
    const rule = problems.value[0]?.path.split('.')[1]
    const part = seatProblem.value ? '[data-seats]' : rule ? `[data-rule="${rule}"]` : '[data-opening]'
    const fields = [
      ...(form.value
        ?.querySelector(part)
        ?.querySelectorAll<HTMLInputElement>('input:not([type="hidden"]), textarea, select, button') ?? []),
    ]
    const field = fields.find((each) => each.matches('input, textarea') && !each.value) ?? fields[0]
    field?.scrollIntoView({ block: 'center' })
    field?.focus({ preventScroll: true })
  }
  async function start(onPaper = false) {
    await setup.start(onPaper)
    if (wrong.value) await toFault()
  }
  return { faults, wrong, toFault, start }
}
