/** Verdicts and turns heard: spoken by the browser, and short chimes, each where it was switched on. */
const NOTES = { stands: [659, 880], refused: [330, 277], turn: [587], end: [523, 659, 784, 1047] } as const
export type Chime = keyof typeof NOTES

let audio: AudioContext | null = null

export function useVoice() {
  const settings = useLocalStorage('heard', { speak: false, chime: false })

  /** Speaks a verdict, where that is switched on. */
  function say(text: string) {
    if (settings.value.speak) read(text)
  }

  /** Reads a text aloud because somebody asked for it. */
  function read(text: string) {
    if (!('speechSynthesis' in window)) return
    speechSynthesis.cancel()
    const utterance = new SpeechSynthesisUtterance(text)
    utterance.lang = 'en-GB'
    speechSynthesis.speak(utterance)
  }

  function chime(kind: Chime) {
    if (!settings.value.chime || !('AudioContext' in window)) return
    audio ??= new AudioContext()
    NOTES[kind].forEach((frequency, i) => tone(audio!, frequency, audio!.currentTime + i * 0.14))
  }

  return { settings, say, read, chime }
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
