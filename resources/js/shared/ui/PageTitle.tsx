import { useEffect, useRef } from 'react'
import { useTitle } from '../lib/useTitle'

interface PageTitleProps {
  /** Of the window: "Shelf · Orrin Kestlewick". Null where what is inside the page names it. */
  title: string | null
  className: string
  children: React.ReactNode
}

/** The first page of a visit is read from its top; only from then on is somebody led to where they went. */
let isFirst = true

/** Whoever has done something already, such as signing in, is led from then on. */
export function leadFromHere(): void {
  isFirst = false
}

/**
 * The one heading that says which page this is. Whoever came by a link, a jump or a sign-in finds the focus on it, so that it
 * is read out and the next key goes on from here; where somebody is writing already, nothing is taken from them.
 */
export function PageTitle({ title, className, children }: PageTitleProps) {
  const heading = useRef<HTMLHeadingElement>(null)
  useTitle(title)
  useEffect(() => {
    const active = document.activeElement
    const isIdle = active === null || active === document.body || active.matches('a, button, main')
    if (!isFirst && isIdle) heading.current?.focus({ preventScroll: true })
    isFirst = false
  }, [title])
  return (
    <h1 ref={heading} tabIndex={-1} className={`${className} outline-none`}>
      {children}
    </h1>
  )
}
