/** The product's mark: a bottle and a kettlebell on a shelf. */
export function Mark({ className = 'size-8' }: { className?: string }) {
  return (
    <svg viewBox="0 0 32 32" className={className} aria-hidden="true">
      <path d="M3 24.5h26" stroke="currentColor" strokeWidth="2.8" strokeLinecap="round" />
      <path d="M8 25v3.5M24 25v3.5" stroke="currentColor" strokeWidth="2.2" strokeLinecap="round" />
      <path d="M8.6 23v-9.6c0-1.5 1.3-1.7 1.3-3.2V8h3.2v2.2c0 1.5 1.3 1.7 1.3 3.2V23z" className="fill-primary" />
      <path d="M17.2 23a5 5 0 1 1 8 0z" fill="currentColor" />
      <path d="M18.5 16.6c-.7-5 6.1-5 5.4 0" fill="none" stroke="currentColor" strokeWidth="2" />
    </svg>
  )
}
