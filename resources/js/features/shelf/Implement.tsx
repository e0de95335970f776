/** Our own line drawings of what stands on a shelf, each on its base line in a 100 × 100 square. */
const drawings: Record<string, React.ReactNode> = {
  dumbbell: (
    <>
      <path d="M20 66h60" strokeWidth="10" />
      <rect x="4" y="36" width="22" height="60" rx="6" className="fill" />
      <rect x="74" y="36" width="22" height="60" rx="6" className="fill" />
      <path d="M33 46v40M67 46v40" strokeWidth="5" />
    </>
  ),
  'adjustable-dumbbell': (
    <>
      <path d="M4 70h92" strokeWidth="6" />
      <rect x="14" y="44" width="9" height="52" rx="3" className="fill" />
      <rect x="25" y="50" width="9" height="40" rx="3" className="fill" />
      <rect x="66" y="50" width="9" height="40" rx="3" className="fill" />
      <rect x="77" y="44" width="9" height="52" rx="3" className="fill" />
    </>
  ),
  kettlebell: (
    <>
      <path d="M35 52C24 14 76 14 65 52" strokeWidth="9" fill="none" />
      <path d="M26 96a29 29 0 1 1 48 0z" className="fill" />
      <path d="M36 74q3-11 12-14" className="shine" />
    </>
  ),
  tube: (
    <>
      <path d="M22 64C22 20 48 8 54 34S40 88 62 88 80 56 78 44" fill="none" strokeWidth="6" className="rubber" />
      <path d="M22 64l-10 26h20z" fill="none" strokeWidth="4" />
      <path d="M10 92h24" strokeWidth="8" />
      <path d="M78 44L68 18h20z" fill="none" strokeWidth="4" />
      <path d="M66 16h24" strokeWidth="8" />
    </>
  ),
  'flat-band': (
    <>
      <path d="M14 96c0-44 22-60 36-34s36 6 36-26" fill="none" strokeWidth="13" className="rubber" />
    </>
  ),
  'long-loop': (
    <>
      <ellipse cx="50" cy="62" rx="26" ry="31" fill="none" strokeWidth="8" className="rubber" />
    </>
  ),
  'mini-loop': (
    <>
      <ellipse cx="50" cy="76" rx="30" ry="17" fill="none" strokeWidth="9" className="rubber" />
    </>
  ),
  rucksack: (
    <>
      <path d="M40 22q10-18 20 0" fill="none" strokeWidth="5" />
      <path d="M22 96V42q0-22 28-22t28 22v54z" className="fill" />
      <path d="M32 60h36v26H32zM32 60q18 12 36 0" className="mark" fill="none" />
      <path d="M18 54v32M82 54v32" strokeWidth="6" />
    </>
  ),
  object: (
    <>
      <path d="M36 30V18h28v12" fill="none" strokeWidth="6" />
      <path d="M32 30h36l12 18v48H20V48z" className="fill" />
      <path d="M30 66h40" className="mark" />
    </>
  ),
  sack: (
    <>
      <path d="M34 28q16 10 32 0l-4 14q24 26 12 54H26Q14 68 38 42z" className="fill" />
      <path d="M38 42q12 6 24 0" className="mark" fill="none" />
    </>
  ),
  block: (
    <>
      <path d="M14 58l14-16h58l-14 16z" className="fill" />
      <path d="M72 58l14-16v38L72 96z" className="fill" />
      <rect x="14" y="58" width="58" height="38" className="fill" />
      <path d="M26 78h32" className="mark" />
    </>
  ),
  pourable: (
    <>
      <path d="M24 52h52l-6 44H30z" className="fill" />
      <path d="M24 52q26-34 52 0" fill="none" strokeWidth="4" />
    </>
  ),
  chair: (
    <>
      <path d="M28 10v86M28 56h44v40" fill="none" strokeWidth="7" />
      <path d="M26 56h50" strokeWidth="9" />
      <path d="M28 14q-4 20 0 36" strokeWidth="7" />
    </>
  ),
  stool: (
    <>
      <path d="M22 52h56" strokeWidth="10" />
      <path d="M32 56l-6 40M68 56l6 40M30 78h40" fill="none" strokeWidth="5" />
    </>
  ),
  step: (
    <>
      <rect x="12" y="74" width="76" height="22" rx="3" className="fill" />
      <path d="M18 82h64" className="mark" />
    </>
  ),
  table: (
    <>
      <path d="M4 40h92" strokeWidth="9" />
      <path d="M16 44v52M84 44v52" strokeWidth="6" />
    </>
  ),
  sofa: (
    <>
      <path d="M14 58V34q0-8 8-8h56q8 0 8 8v24" className="fill" />
      <path d="M6 56q12-6 14 12h60q2-18 14-12v34H6z" className="fill edge" />
      <path d="M14 90v6M86 90v6" strokeWidth="6" />
    </>
  ),
  pole: <path d="M14 92L86 30" strokeWidth="6" />,
  towel: (
    <>
      <rect x="16" y="66" width="68" height="30" rx="14" className="fill" />
      <path d="M70 81a8 8 0 1 0-8 8" className="mark" fill="none" />
    </>
  ),
  mat: (
    <>
      <circle cx="26" cy="78" r="17" className="fill" />
      <path d="M26 95h66" strokeWidth="6" />
      <path d="M32 78a6 6 0 1 0-6 6" className="mark" fill="none" />
    </>
  ),
  'half-ball': (
    <>
      <path d="M12 86a38 38 0 0 1 76 0z" className="fill" />
      <path d="M8 92h84" strokeWidth="7" />
    </>
  ),
  vest: (
    <>
      <path d="M30 14l10 6q10 8 20 0l10-6 12 10v72H18V24z" className="fill" />
      <path d="M50 26v70M26 52h16M58 52h16M26 72h16M58 72h16" className="mark" fill="none" />
    </>
  ),
  'ankle-weight': (
    <>
      <path d="M14 60q36 16 72 0v30q-36 16-72 0z" className="fill" />
      <path d="M32 66v30M50 68v30M68 66v30" className="mark" fill="none" />
      <path d="M14 60q36-18 72 0" fill="none" strokeWidth="5" />
    </>
  ),
  barbell: (
    <>
      <path d="M2 78h96" strokeWidth="5" />
      <rect x="12" y="60" width="8" height="36" rx="3" className="fill" />
      <rect x="80" y="60" width="8" height="36" rx="3" className="fill" />
    </>
  ),
  'hanging-bar': (
    <>
      <path d="M14 96V16M86 96V16" fill="none" strokeWidth="6" />
      <path d="M8 18h84" strokeWidth="8" />
      <path d="M6 96h18M76 96h18" strokeWidth="6" />
    </>
  ),
  'big-ball': (
    <>
      <circle cx="50" cy="56" r="40" className="fill" />
      <path d="M22 40q28-22 56 0M18 68q32 22 64 0" className="mark" fill="none" />
    </>
  ),
  roller: (
    <>
      <rect x="6" y="66" width="74" height="30" rx="6" className="fill" />
      <ellipse cx="80" cy="81" rx="10" ry="15" className="fill" />
      <path d="M22 66v30M40 66v30M58 66v30" className="mark" />
    </>
  ),
  wall: (
    <>
      <path d="M16 96V14h68v82M16 42h68M16 68h68M40 14v28M62 42v26M40 68v28" fill="none" strokeWidth="4" />
    </>
  ),
}

interface ImplementProps {
  kind: string
  /** 0 to 1, by mass or length; the drawing's height follows. */
  size: number
  /** How an object is held decides whether it looks like a jug or a sack. */
  grip?: string | undefined
  className?: string
}

/** Height of the tallest drawing, pixels. */
const FULL = 122

export function Implement({ kind, size, grip, className }: ImplementProps) {
  const drawn = kind !== 'object' ? kind : grip === 'body' ? 'block' : grip === 'bag' || grip === 'none' ? 'sack' : kind
  return (
    <svg
      viewBox="0 0 100 98"
      className={`implement ${className ?? ''}`}
      style={{ height: `${Math.round(FULL * size)}px` }}
      aria-hidden="true"
    >
      {drawings[drawn] ?? drawings.object}
    </svg>
  )
}
