import { useEffect, useState } from 'react'

export interface Reading {
  status: 'ok' | 'overload' | 'unplugged' | 'nothing'
  forceN: number | null
  isSteady: boolean
  advice: string
}

/** The scale's readings as they come; null until the first one, and when the stream is lost. */
export function useGauge(clientId: number, hanging: boolean): { reading: Reading | null; lost: boolean } {
  const [reading, setReading] = useState<Reading | null>(null)
  const [lost, setLost] = useState(false)
  useEffect(() => {
    if (!hanging) return
    const source = new EventSource(`/api/clients/${clientId}/bench/stream`)
    source.onmessage = (event: MessageEvent<string>) => {
      setLost(false)
      setReading(JSON.parse(event.data) as Reading)
    }
    // A stream that has ended is asked for again by the browser; only a silence is worth a word.
    let silence: ReturnType<typeof setTimeout>
    source.onerror = () => {
      clearTimeout(silence)
      silence = setTimeout(() => {
        if (source.readyState !== EventSource.OPEN) setLost(true)
      }, 4000)
    }
    return () => {
      clearTimeout(silence)
      source.close()
    }
  }, [clientId, hanging])
  return { reading: hanging ? reading : null, lost }
}
