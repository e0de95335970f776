let audio: AudioContext | null = null

/** Wakes the sound up; browsers want that to happen in answer to a touch. */
export function readyBell(): void {
  audio ??= typeof AudioContext === 'undefined' ? null : new AudioContext()
  void audio?.resume()
}

/** A small struck bell, made here: three partials that die away. */
export function ringBell(): void {
  if (audio === null) return
  const now = audio.currentTime
  for (const [pitch, loudness, seconds] of [
    [784, 0.22, 1.1],
    [1568, 0.1, 0.7],
    [2117, 0.05, 0.4],
  ] as const) {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = pitch
    volume.gain.setValueAtTime(loudness, now)
    volume.gain.exponentialRampToValueAtTime(0.0001, now + seconds)
    tone.connect(volume).connect(audio.destination)
    tone.start(now)
    tone.stop(now + seconds)
  }
}
