import { Toaster } from 'sonner'
import { useMedia } from '../shared/lib/useMedia'

/** Where short messages appear. */
export function Messages() {
  // On a phone the thumb works at the bottom: nothing may lie over it there.
  const isPhone = useMedia('(max-width: 640px)')
  return (
    <Toaster
      position={isPhone ? 'top-center' : 'bottom-left'}
      toastOptions={{
        style: {
          background: 'var(--color-base-content)',
          color: 'var(--color-base-100)',
          border: 'none',
          fontFamily: 'var(--font-sans)',
          fontSize: '1rem',
        },
        actionButtonStyle: {
          background: 'var(--color-accent)',
          color: 'var(--color-accent-content)',
          fontSize: '0.95rem',
          height: '2rem',
        },
      }}
    />
  )
}
