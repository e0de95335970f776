import { useState } from 'react'

export type Theme = 'linen' | 'evening'

const KEPT_AS = 'nimble-shelf-theme'

/** Daylight or evening colours; the choice stays on this device. */
export function useTheme(): [Theme, () => void] {
  const [theme, setTheme] = useState<Theme>(() =>
    document.documentElement.dataset.theme === 'evening' ? 'evening' : 'linen',
  )
  const turn = () => {
    const next = theme === 'evening' ? 'linen' : 'evening'
    document.documentElement.dataset.theme = next
    localStorage.setItem(KEPT_AS, next)
    setTheme(next)
  }
  return [theme, turn]
}
