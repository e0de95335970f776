import type { Cue } from '../run/play'

/*
 * Sounds are made here, struck or blown, and set ahead on the clock of the sound itself, so that they come on time also
 * where the page is asked once a minute.
 */

export const sounds = { bell: 'A bell', wood: 'Wood', pips: 'Pips', none: 'No sound' } as const
export type Sound = keyof typeof sounds

export interface BellWishes {
  sound: Sound
  /** 0 to 1. */
  volume: number
  speaks: boolean
  buzzes: boolean
  flashes: boolean
}

export const usualBell: BellWishes = { sound: 'bell', volume: 0.8, speaks: false, buzzes: true, flashes: true }

let audio: AudioContext | null = null

interface Ahead {
  tones: { tone: AudioScheduledSourceNode; at: number }[]
  timers: ReturnType<typeof setTimeout>[]
}

/** What is set ahead, by session: two people in turns have a bell each. */
const ahead = new Map<number, Ahead>()

/** Wakes the sound up; browsers want that to happen in answer to a touch. */
export function readyBell(): void {
  audio ??= typeof AudioContext === 'undefined' ? null : new AudioContext()
  void audio?.resume()
}

/** Partials of a sound: pitch in hertz, loudness, seconds until it has died away. */
function partials(sound: Sound, kind: Cue['kind']): [number, number, number][] {
  const isSmall = kind === 'count'
  if (sound === 'bell') {
    const pitch = kind === 'start' ? 880 : kind === 'half' || kind === 'switch' ? 988 : 784
    return isSmall
      ? [[pitch * 1.5, 0.12, 0.12]]
      : [
          [pitch, 0.22, 1.1],
          [pitch * 2, 0.1, 0.7],
          [pitch * 2.7, 0.05, 0.4],
        ]
  }
  if (sound === 'wood') {
    const pitch = kind === 'start' ? 520 : kind === 'half' || kind === 'switch' ? 610 : 440
    return isSmall
      ? [[pitch * 1.6, 0.2, 0.05]]
      : [
          [pitch, 0.4, 0.14],
          [pitch * 2.4, 0.2, 0.07],
        ]
  }
  const pitch = kind === 'start' || kind === 'rest-over' ? 1320 : 990
  return [[pitch, 0.18, isSmall ? 0.08 : 0.45]]
}

function strike(sound: Sound, kind: Cue['kind'], volume: number, when: number): Ahead['tones'] {
  if (audio === null || sound === 'none' || volume <= 0) return []
  const tones: Ahead['tones'] = []
  for (const [pitch, loudness, seconds] of partials(sound, kind)) {
    const tone = audio.createOscillator()
    const gain = audio.createGain()
    tone.frequency.value = pitch
    tone.type = sound === 'pips' ? 'triangle' : 'sine'
    gain.gain.setValueAtTime(loudness * volume, when)
    gain.gain.exponentialRampToValueAtTime(0.0001, when + seconds)
    tone.connect(gain).connect(audio.destination)
    tone.start(when)
    tone.stop(when + seconds)
    tones.push({ tone, at: when })
  }
  return tones
}

/** Takes back every sound of a session that is set and has not begun. */
export function silence(session: number): void {
  const now = audio?.currentTime ?? 0
  const { tones, timers } = ahead.get(session) ?? { tones: [], timers: [] }
  for (const { tone, at } of tones) {
    if (at > now) tone.stop(now)
  }
  for (const timer of timers) clearTimeout(timer)
  ahead.delete(session)
}

function speak(words: string): void {
  if (words === '' || typeof speechSynthesis === 'undefined') return
  speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}

/**
 * Sets the sounds of what comes in place of those that were set before.
 *
 * @param now Milliseconds since 1970 on the clock of the session.
 * @param onCue Called at each, for what is seen.
 */
export function setBell(
  session: number,
  cues: Cue[],
  now: number,
  wishes: BellWishes,
  onCue: (cue: Cue) => void,
): void {
  silence(session)
  const since = audio?.currentTime ?? 0
  const late = (cue: Cue) => Math.max(0, cue.at - now)
  ahead.set(session, {
    tones: cues.flatMap((cue) => strike(wishes.sound, cue.kind, wishes.volume, since + late(cue) / 1000)),
    timers: cues.map((cue) =>
      setTimeout(() => {
        onCue(cue)
        if (wishes.buzzes && typeof navigator.vibrate === 'function') navigator.vibrate(cue.kind === 'count' ? 40 : 220)
        if (wishes.speaks) speak(cue.words)
      }, late(cue)),
    ),
  })
}

/** Lets one sound be heard, for choosing. */
export function tryBell(wishes: BellWishes): void {
  readyBell()
  strike(wishes.sound, 'start', wishes.volume, audio?.currentTime ?? 0)
  if (wishes.speaks) speak('Begin')
}
