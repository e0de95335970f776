import { LogOut, Moon, Search, SlidersHorizontal, Sun } from 'lucide-react'
import { useRef, useState } from 'react'
import { NavLink, Outlet, useNavigate } from 'react-router'
import { useOwnOutbox } from '../features/floor'
import { Jump, KeyList } from '../features/jump'
import { useSignOut } from '../features/sign-in'
import { useKeys } from '../shared/lib/useKeys'
import { useNeverLost } from '../shared/lib/useNeverLost'
import { useTheme } from '../shared/lib/useTheme'
import { Loading } from '../shared/ui'
import { Mark } from './Mark'

const places = [
  { to: '/', name: 'Round' },
  { to: '/clients', name: 'Clients' },
  { to: '/catalogue', name: 'Catalogue' },
]

/** Everything but the Floor and the sign-in: a board across the top on which the places stand. */
export function Desk() {
  const me = useOwnOutbox()
  const signOut = useSignOut()
  const [theme, turnTheme] = useTheme()
  const navigate = useNavigate()
  const page = useRef<HTMLElement>(null)
  useNeverLost(page)
  const [open, setOpen] = useState<'jump' | 'keys' | null>(null)
  useKeys({ '/': () => setOpen('jump'), '?': () => setOpen('keys') })
  if (me.isPending) return <Loading what="your desk" />
  return (
    <div className="mx-auto max-w-[1280px] px-4 pb-16 sm:pb-6 sm:px-8">
      <a href="#here" className="btn btn-primary sr-only focus:not-sr-only focus:absolute focus:z-20">
        Skip to the page
      </a>
      <header className="ledge flex flex-wrap items-end gap-x-1 pt-3 sm:gap-x-6">
        <NavLink to="/" className="flex items-center gap-2 pb-2.5" aria-label="Nimble Shelf, to the Round">
          <Mark />
          <span className="hidden font-display text-xl font-bold tracking-tight sm:block">Nimble Shelf</span>
        </NavLink>
        <nav aria-label="Places" className="order-last flex w-full items-end sm:order-none sm:w-auto">
          {places.map((place) => (
            <NavLink key={place.to} to={place.to} end={place.to === '/'} className="stand">
              {place.name}
            </NavLink>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-1 pb-2">
          <button
            type="button"
            className="btn btn-ghost btn-sm gap-2"
            onClick={() => setOpen('jump')}
            aria-label="Jump to a place"
          >
            <Search className="size-4" aria-hidden="true" />
            <span className="max-sm:sr-only">Jump</span>
            <kbd className="key hidden sm:inline-block">/</kbd>
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            onClick={turnTheme}
            aria-label={theme === 'evening' ? 'Use the daylight colours' : 'Use the evening colours'}
          >
            {theme === 'evening' ? <Sun className="size-4" /> : <Moon className="size-4" />}
          </button>
          <NavLink to="/settings" className="btn btn-ghost btn-sm btn-square" aria-label="Settings">
            <SlidersHorizontal className="size-4" aria-hidden="true" />
          </NavLink>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => signOut.mutate()} aria-label="Sign out">
            <span className="soft hidden md:inline">{me.data?.name}</span>
            <span className="hidden sm:inline">Sign out</span>
            <LogOut className="size-4 sm:hidden" aria-hidden="true" />
          </button>
        </div>
      </header>
      <main ref={page} id="here" tabIndex={-1} className="pt-6 outline-none">
        <Outlet />
      </main>
      <Jump
        open={open === 'jump'}
        onClose={() => setOpen(null)}
        onGo={(to) => void navigate(to)}
        onDo={{ theme: turnTheme, keys: () => setOpen('keys'), 'sign-out': () => signOut.mutate() }}
      />
      <KeyList open={open === 'keys'} onClose={() => setOpen(null)} />
    </div>
  )
}
