import { useEffect } from 'react'

/** Keeps the screen on while somebody trains, where the device can; it asks again whenever the page is looked at. */
export function useAwake(isNeeded: boolean): void {
  useEffect(() => {
    if (!isNeeded || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let isOver = false
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock
        .request('screen')
        .then((got) => {
          if (isOver) void got.release()
          else lock = got
        })
        // A device that saves its battery says no; the clock is right all the same.
        .catch(() => undefined)
    }
    ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      isOver = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [isNeeded])
}
