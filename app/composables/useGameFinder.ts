import { toggled } from '#core/basics/lists'
import { findGames, type Fit, type Wish } from '#core/catalogue/find'
import { MANNER_IDS } from '#core/catalogue/manners'
import { MATERIAL_IDS, type MaterialId } from '#core/contract/materials'
import { SKILL_IDS, type SkillId } from '#core/contract/skills'
import { ABOUTS } from '#core/games/abouts'

/** The parts of a wish as they stand in the address. */
type Part = 'q' | 'skill' | 'manner' | 'players' | 'minutes' | 'age' | 'box'

/** What somebody looks for among the games, kept in the address so that it can be handed on and comes back with the page. */
export function useGameFinder() {
  const { route, router, leaves, set: setPart } = useAddress()
  const text = ref(String(route.query.q ?? ''))

  const listOf = (part: Part) => String(route.query[part] ?? '').split(',')
  const numberOf = (part: Part) =>
    /^\d{1,3}$/.test(String(route.query[part] ?? '')) ? Number(route.query[part]) : null
  const wish = computed<Wish>(() => ({
    text: text.value,
    skills: SKILL_IDS.filter((skill) => listOf('skill').includes(skill)),
    manner: MANNER_IDS.find((manner) => manner === route.query.manner) ?? null,
    players: numberOf('players'),
    minutes: numberOf('minutes'),
    age: numberOf('age'),
    box: MATERIAL_IDS.filter((material) => listOf('box').includes(material)),
  }))
  const paces = usePaces()
  const own = useOwnGames()
  const games = computed(() => [...own.value, ...ABOUTS])
  const fits = computed<readonly Fit[]>(() => findGames(games.value, wish.value, paces.value))
  const asked = computed(() => {
    const { skills, manner, players, minutes, age, box } = wish.value
    return Boolean(text.value.trim() || skills.length || manner || box.length || players || minutes || age)
  })

  const set = (part: Part, value: string | number | null) => setPart(part, value)
  // What is typed goes into the address a moment later, but never into the way of somebody who leaves.
  watchDebounced(text, (now) => leaves.value || set('q', now.trim()), { debounce: 250 })
  onBeforeUnmount(() => {
    if (!leaves.value && text.value.trim() !== String(route.query.q ?? '')) void set('q', text.value.trim())
    leaves.value = true
  })

  const toggleSkill = (skill: SkillId) => set('skill', toggled(wish.value.skills, skill).join(','))
  const toggleMaterial = (material: MaterialId) => set('box', toggled(wish.value.box, material).join(','))
  /** Sets a number, or takes it off where it stands already. */
  const choose = (part: 'manner' | 'players' | 'minutes' | 'age', value: string | number) =>
    set(part, wish.value[part] === value ? null : value)
  function clear() {
    text.value = ''
    const {
      q: _q,
      skill: _skill,
      manner: _manner,
      players: _players,
      minutes: _minutes,
      age: _age,
      box: _box,
      ...query
    } = route.query
    return router.replace({ query })
  }

  return { text, wish, fits, asked, toggleSkill, toggleMaterial, choose, clear }
}
