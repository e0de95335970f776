import { Outlet } from 'react-router'
import { Toaster } from 'sonner'

/** What every place shares: where short messages appear. */
export function Root() {
  return (
    <>
      <Outlet />
      <Toaster
        position="bottom-left"
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
    </>
  )
}
