import * as z from 'zod'

/** Questions, verdicts and turns heard: spoken by the browser, and short chimes, each where it was switched on. */
const NOTES = { stands: [659, 880], refused: [330, 277], turn: [587], end: [523, 659, 784, 1047] } as const
export type Chime = keyof typeof NOTES

const HEARD = z.object({
  /** The question is read out before its answer. */
  ask: z.boolean().default(false),
  /** Verdicts and the announcement are. */
  speak: z.boolean().default(false),
  chime: z.boolean().default(false),
  bell: z.boolean().default(true),
})

let audio: AudioContext | null = null

export function useVoice() {
  const settings = useKept('heard', HEARD, { ask: false, speak: false, chime: false, bell: true })

  /** Speaks a verdict, or a question, where that is switched on. */
  function say(text: string, what: 'speak' | 'ask' = 'speak') {
    if (settings.value[what]) void read(text)
  }

  const text = ref('')
  const voice = useOwnVoice()
  // None is spoken with as long as there is none.
  const speech = useSpeechSynthesis(text, { lang: 'en-GB', voice: voice as Ref<SpeechSynthesisVoice> })
  /** Reads a text aloud because somebody asked for it. */
  async function read(aloud: string) {
    if (!voice.value) return
    speech.stop()
    text.value = aloud
    await nextTick()
    speech.speak()
  }
  tryOnScopeDispose(() => speech.stop())

  function chime(kind: Chime) {
    if (!settings.value.chime || !('AudioContext' in window)) return
    audio ??= new AudioContext()
    NOTES[kind].forEach((frequency, i) => tone(audio!, frequency, audio!.currentTime + i * 0.14))
  }

  /** The bell of the room, where it is not switched off: low, soft, and heard to the end of the room. */
  function bell() {
    if (!settings.value.bell || !('AudioContext' in window)) return
    audio ??= new AudioContext()
    for (const strike of [0, 2.4])
      for (const [partial, loudness] of PARTIALS) ring(audio, 196 * partial, audio.currentTime + strike, loudness)
  }

  /** Lets a page sound later on: browsers keep silent until somebody has touched it. */
  function wake() {
    if (!('AudioContext' in window)) return
    audio ??= new AudioContext()
    void audio.resume()
  }

  return {
    ...{ settings, say, read, chime, bell, wake },
    ...{ canRead: computed(() => voice.value !== undefined), reading: speech.isPlaying, hush: speech.stop },
  }
}

/** A voice of the machine's own: what children say and do is sent to no service to be read out. */
function useOwnVoice() {
  const voice = shallowRef<SpeechSynthesisVoice>()
  if (!('speechSynthesis' in window)) return voice
  function find() {
    const own = window.speechSynthesis.getVoices().filter(({ localService }) => localService)
    voice.value = own.find(({ lang }) => lang.startsWith('en')) ?? own[0]
  }
  find()
  useEventListener(window.speechSynthesis, 'voiceschanged', find)
  return voice
}

/** Partials of a bell above its note, and how loud each is. */
const PARTIALS = [
  [1, 0.2],
  [2, 0.1],
  [2.76, 0.06],
  [5.4, 0.02],
] as const

function ring(context: AudioContext, frequency: number, at: number, loudness: number) {
  const oscillator = context.createOscillator()
  const volume = context.createGain()
  oscillator.frequency.value = frequency
  volume.gain.setValueAtTime(0.0001, at)
  volume.gain.exponentialRampToValueAtTime(loudness, at + 0.02)
  volume.gain.exponentialRampToValueAtTime(0.0001, at + 3.5)
  oscillator.connect(volume).connect(context.destination)
  oscillator.start(at)
  oscillator.stop(at + 3.6)
}

function tone(context: AudioContext, frequency: number, at: number) {
  const oscillator = context.createOscillator()
  const volume = context.createGain()
  oscillator.frequency.value = frequency
  volume.gain.setValueAtTime(0.15, at)
  volume.gain.exponentialRampToValueAtTime(0.001, at + 0.22)
  oscillator.connect(volume).connect(context.destination)
  oscillator.start(at)
  oscillator.stop(at + 0.25)
}
