// Made by `php artisan nimble:types` from app/Http/Resources. Do not edit by hand.

export type AppointmentKind = 'assessment' | 'talk' | 'blocked'

export type Occasion = 'missing' | 'less-time' | 'sore'

export type SessionState = 'planned' | 'running' | 'done'

/** One thing that would open more, with the arithmetic. */
export interface Addition {
  /** `buy`, `fill`, `borrow` or `find`. */
  how: string
  words: string
  /** Patterns that cannot be trained without it. */
  opened: string[]
  /** Patterns in which it reaches further up. */
  further: string[]
  /** Jumps above fifteen per cent that it fills. */
  closed: number
  score: number
  sum: string
}

/** A visit that lies ahead. */
export interface AheadVisit {
  id: number
  name: string
  /** In the zone it was made for. */
  date: string
  time: string
}

/** Another way of doing an exercise of a session, ready to be taken without asking anybody. */
export interface Alternative {
  /** Names it on this device. */
  key: string
  /** `own`, `easier`, `harder` or `swap`. */
  way: string
  reasons: string[]
  lost: string[]
  /** What taking it says back. */
  instead: Record<string, unknown>
  /** As it would be shown. */
  item: Item
  /** Its work and what is announced before it, set by set. */
  steps: Step[]
  /** Parts of the body, by their ids, that it would not spare. */
  loads: string[]
}

/** Other ways for every exercise of a session, fetched before they are needed. */
export interface Alternatives {
  sessionId: number
  items: ItemAlternatives[]
}

/** Something firm in a home that a band can be anchored to. */
export interface Anchor {
  id: string
  heightCm: number
  kind: string
}

/** What was changed at one go, and how to take it back. */
export interface AppliedReplan {
  batch: string
  changed: number
}

/** A visit without a session, or time that is not free. */
export interface Appointment {
  id: number
  kind: AppointmentKind
  label: string
  words: string
  /** Null where nobody is visited, as is the next. */
  clientId: number | null
  clientName: string | null
  /** Empty where none is known. */
  place: string
  startsAt: string
  minutes: number
  /** True where it stands there again and again. */
  isOfRow: boolean
  /** What is at the same time: "Orrin Kestlewick, 09:00". */
  overlaps: string[]
}

/** Who looked at or changed health answers, and when. */
export interface AuditEntry {
  id: number
  at: string
  who: string
  what: string
}

/** One earlier test of a band. */
export interface BandTest {
  testedOn: string
  points: number
  aN: number
  bN: number
  rmsN: number
  forceAtDoubleN: number
}

/** What can probably be lifted once in a pattern's reference lift, beyond the body, and what was thought before. */
export interface Belief {
  pattern: string
  name: string
  unit: string
  reference: string
  kg: number
  /** Nine in ten like this can lift it. */
  lowKg: number
  /** One in ten can. */
  highKg: number
  /** Null where nothing was found out yet. */
  wasLowKg: number | null
  wasHighKg: number | null
  /** `norms`, `related`, `tests` or `sets`. */
  from: string
}

/** One steady reading at one length. */
export interface BenchPoint {
  lengthCm: number
  forceN: number
  sdN: number
  /** Above the curve. */
  residualN: number | null
  /** What would pull as much. */
  massKg: number
  /** True of a scale of the trainer's; false of the one that is simulated here. */
  isOwn: boolean
}

/** The bench as it stands. */
export interface Bench {
  clientId: number
  itemId: number | null
  itemName: string | null
  kind: string | null
  isBand: boolean
  massKg: number | null
  certainty: string | null
  restLengthCm: number | null
  /** No band is pulled further. */
  longestCm: number | null
  lengthCm: number | null
  /** Lengths that spread over the range. */
  suggestedCm: number[]
  isPlugged: boolean
  /** Shortest first. */
  points: BenchPoint[]
  /** Points that are enough to finish. */
  enough: number
  /** Points that are asked for. */
  asked: number
  aN: number | null
  bN: number | null
  rmsN: number | null
  rmsPercent: number | null
  /** Length in centimetres and force in newtons, of the points so far. */
  curve: number[][]
  /** The same of the test before. */
  beforeCurve: number[][]
  comparison: string | null
  /** Newest first. */
  tests: BandTest[]
  /** True where nothing of the simulated scale's readings is kept. */
  isPractice: boolean
  /** Earlier tests that were made up. */
  notBelieved: number
  /** What the tested band is worth to this client. */
  setups: BenchSetup[]
}

/** What a tested band is worth in one set-up. */
export interface BenchSetup {
  exercise: string
  words: string
  equivalent: Equivalent
}

/** Exercises that belong together. */
export interface Block {
  id: number
  kind: string
  /** What its kind is called. */
  label: string
  name: string
  /** "3 rounds, 40 s of work, 20 s of rest"; empty where its exercises say it all. */
  ruleWords: string
  /** True where one set of each is done before the next set of any. */
  goesRound: boolean
  /** True where the clock goes on to the next exercise by itself. */
  byClock: boolean
  /** True where it warms up or cools down. */
  isFrame: boolean
  /** Of a menu: how many the client chooses. */
  pick: number | null
  /** Of a menu: what the choice must hold, in words. */
  needs: string[]
  items: Item[]
}

/** Body measures of one day. */
export interface BodyMeasure {
  measuredOn: string
  heightCm: number
  bodyMassKg: number
}

/** Where a programme that was missed for a while would go on. */
export interface Break {
  /** Empty where nothing was missed. */
  words: string
  /** Visits. */
  missed: number
  week: number
  /** The programme's start as it is, a date. */
  startsOn: string
  /** The Monday of that week, a date. */
  goesOnFrom: string
  isRungDown: boolean
}

/** One ranked replacement. */
export interface Candidate {
  /** Names it when it is chosen. */
  key: string
  exercise: string
  name: string
  words: string
  implement: string
  /** As it is offered, for moving it by hand. */
  setting: Record<string, unknown>
  /** Null where kilograms mean nothing. */
  equivalent: Equivalent | null
  /** In load, in words: "8 % lighter than asked"; empty where there is no common measure. */
  difference: string
  matchPercent: number
  parts: MatchPart[]
  reps: number
  repsLow: number
  repsHigh: number
  reserve: number
  /** Slower than usual, in words; null for the usual one. */
  tempo: string | null
  /** False where no rewriting brings the effort that was prescribed. */
  isReached: boolean
  byMuscles: boolean
  isHold: boolean
  perSide: boolean
  shapeDifference: number
  reasons: string[]
  lost: string[]
  changes: string[]
  cautions: string[]
  /** What of its setting can be moved by hand. */
  controls: Control[]
  curve: Curve
  figure: Figure
}

/** Capacity after one day's sets. */
export interface CapacityPoint {
  date: string
  kg: number
  lowKg: number
  highKg: number
}

/** An exercise in the list of the catalogue. */
export interface CatalogueEntry {
  id: string
  name: string
  aliases: string[]
  /** Its id. */
  pattern: string
  patternName: string
  /** Main ones. */
  muscles: string[]
  /** Kinds of things that load it or that it needs; `body weight` where it needs none. */
  kit: string[]
  position: string
  /** True where nobody below hears it. */
  quiet: boolean
  skill: number
  /** Limits that switch it off, by id. */
  excludes: string[]
  /** Its start and its end. */
  figure: Figure
}

/** Every shipped exercise, and the trainer's own versions. */
export interface Catalogue {
  exercises: CatalogueEntry[]
  variants: Variant[]
  /** All there are, for filtering. */
  limits: Limit[]
}

/** What became of one exercise of the programme. */
export interface ChangedSlot {
  /** "Tuesday". */
  day: string
  exercise: string
  now: string
  /** As it was asked for; with its name where it is another exercise. */
  was: string
}

/** What a clinician allowed. */
export interface Clearance {
  id: number
  givenOn: string
  expiresOn: string | null
  givenBy: string
  allows: string
  /** Health questions it covers. */
  questions: string[]
  /** Limits it lifts. */
  lifts: string[]
}

/** One client: who they are, where they train, what comes next. */
export interface Client {
  id: number
  name: string
  trade: string
  goal: string
  /** As the programme reckons with it. */
  goalId: string
  /** `beginner`, `some` or `years`. */
  experience: string
  daysPerWeek: number | null
  minutes: number | null
  likes: string
  dislikes: string
  /** `female`, `male`, or empty where nobody said. */
  sex: string
  telephone: string | null
  email: string | null
  /** Whom to call, and how. */
  emergencyContact: string | null
  doctor: string | null
  bornOn: string | null
  /** In whole years. */
  age: number | null
  guardian: string | null
  guardianOn: string | null
  kitFromId: number | null
  kitFromName: string | null
  note: string
  place: string
  heightCm: number
  bodyMassKg: number
  measuredOn: string
  /** Measured lengths, by limb. */
  limbsCm: Record<string, number>
  /** Newest first. */
  measures: BodyMeasure[]
  limits: Limit[]
  /** Why nobody trains today; empty where nothing stands in the way. */
  locks: string[]
  home: Home
  shelfCount: number
  /** Planned and running ones, soonest first. */
  sessions: SessionSummary[]
}

/** A client in the list. */
export interface ClientSummary {
  id: number
  name: string
  trade: string
  goal: string
  limits: Limit[]
  shelfCount: number
  /** ISO 8601; null where none is planned. */
  nextVisit: string | null
  /** True where they are put away. */
  isArchived: boolean
  /** True where they are nobody real, but somebody to try things on. */
  isDemo: boolean
}

/** One thing about a setting that can be moved by hand. */
export interface Control {
  name: string
  label: string
  unit: string
  least: number
  most: number
  step: number
  value: number
  /** The only values there are; empty where every step will do. */
  stops: Stop[]
}

/** A jump between two neighbouring loads that is hard to bridge with repetitions. */
export interface CoverageGap {
  fromKg: number
  toKg: number
  /** Of the whole load, body included. */
  percent: number
}

/** What a shelf can train, pattern by pattern. */
export interface Coverage {
  clientId: number
  patterns: PatternCoverage[]
  /** Patterns it cannot train at all. */
  missing: string[]
  /** So many single things can be tried, each asked for apart. */
  additions: number
}

/** A point on which trainers differ, with the cue of each side. */
export interface CueSchool {
  about: string
  cue: string
  /** What other trainers say. */
  others: string[]
  why: string
}

/** How to do an exercise, in words. */
export interface Cues {
  setUp: string[]
  /** What to do to floor, wall or load. */
  movement: string[]
  /** Where it should be felt working. */
  inward: string[]
  breath: string
  feel: string
}

/** Resistance over the lifting phase, per working limb. */
export interface Curve {
  unit: string
  /** `m` of reach or `°` of the joint. */
  effortUnit: string
  /** Of the lifting phase. */
  percent: number[]
  /** From its start. */
  effort: number[]
  resistance: number[]
  mean: number
  peak: number
  hardestPercent: number
  slackPercent: number
  /** The mass in the reference lift that would feel the same, at each sample; null where that lift vanishes, or where nothing is measured in kilograms. */
  kg: (number | null)[] | null
  /** As in `kg per hand`. */
  kgUnit: string | null
  /** As in `8 kg at the start, 15 at the end`. */
  kgWords: string | null
}

/** Something that falls due for a client. */
export interface Due {
  clientId: number
  clientName: string
  /** `screening`, `clearance`, `checks`, `band`, `thing`, `retest`, `programme` or `start`. */
  kind: string
  /** In words: "Health questions". */
  what: string
  /** The day it falls due, or fell. */
  on: string
  isOver: boolean
  /** Of the client, where it is dealt with: `health`, `shelf`, `bench`, `programme` or `start`. */
  place: string
}

/** A load named in the reference lift, with its spread. */
export interface Equivalent {
  kg: number
  /** The lower end of the likely range: four cases in five lie within. */
  lowKg: number
  highKg: number
  /** What the body itself adds in the reference lift. */
  ownKg: number
  unit: string
  /** Name of the reference lift. */
  reference: string
  words: string
}

/** What is not offered, and why. */
export interface Exclusion {
  exercise: string
  name: string
  reasons: string[]
  related: boolean
}

/** One exercise whole, reckoned for one client and one load. */
export interface Exercise {
  id: string
  name: string
  aliases: string[]
  patternName: string
  /** Main ones first. */
  muscles: MuscleShare[]
  /** Name of the part whose curve counts, for combined movements. */
  reckonedAs: string | null
  /** `both`, `each` or `alternating`. */
  side: string
  position: string
  noise: string
  impact: string
  skill: number
  tempo: string
  setUpSeconds: number
  kit: string[]
  cues: Cues
  faults: Fault[]
  cautions: string[]
  limits: LimitRule[]
  schools: CueSchool[]
  ladder: LadderStep[]
  /** What can be chosen to load it. */
  implements: string[]
  implement: string
  massKg: number
  words: string
  /** Whose body the sums use. */
  forWhom: string
  figure: Figure
  curve: Curve
  /** Null where kilograms mean nothing. */
  equivalent: Equivalent | null
  plate: string | null
  /** Why this load cannot be used as chosen. */
  problem: string | null
  variants: Variant[]
}

/** One rung of one exercise, to be put into a session. */
export interface ExerciseRung {
  words: string
  /** As it is sent. */
  setting: Record<string, unknown>
  /** Of the reference lift; null where nothing is measured. */
  kg: number | null
}

/** What a client's shelf has for one exercise, lightest first. */
export interface ExerciseRungs {
  exercise: string
  name: string
  rungs: ExerciseRung[]
  /** Why there is none; null where there are. */
  why: string | null
}

/** A common fault and what mends it. */
export interface Fault {
  fault: string
  fix: string
}

/** What a figure carries, and where. */
export interface FigureLoad {
  implement: string
  /** `hands`, `goblet`, `back`, `hips`, … where a mass is; `band` where there is a band alone; or `none`. */
  point: string
  /** For the size of the drawing. */
  kg: number
  bothHands: boolean
}

/** Furniture a figure leans on. */
export interface FigureProp {
  kind: string
  /** Metres. */
  x: number
  /** Metres above the floor. */
  y: number
}

/** A moving figure: joint positions in metres, start of the lifting phase first. */
export interface Figure {
  view: string
  jointNames: string[]
  /** For each moment x and y of every joint in turn. */
  frames: number[][]
  props: FigureProp[]
  load: FigureLoad
  heightM: number
  liftSeconds: number
  lowerSeconds: number
  hold: boolean
  /** Joint a band pulls at, without its side. */
  bandEnd: string
  /** Phase of the pose that tells the movement best in a still picture, 0 or 1. */
  telling: number
  palms: string
}

/** One line of a recipe: so many pieces, or so many litres. */
export interface FillPart {
  name: string
  count: number | null
  litres: number | null
  massKg: number
}

/** The recipe for a mass: one, or one for each of a pair. */
export interface Fill {
  targetKg: number
  carrier: string | null
  tareKg: number
  maxKg: number
  /** Kinds of things there are to fill with. */
  stock: number
  recipes: Recipe[]
}

/** What of the catalogue a client can do with their shelf, in their room, within their limits. */
export interface Fitting {
  clientId: number
  clientName: string
  /** By id. */
  exercises: string[]
}

/** Something that happened on the Floor and stands; sets apart. */
export interface FloorFact {
  /** Taking it back names it. */
  key: string
  kind: string
  at: string
  itemId: number | null
  setNumber: number | null
  side: string | null
  seconds: number | null
  /** Of a move: `now` or `later`. */
  to: string | null
  /** Of a skip: `left-out`, `cut` or `pain`. */
  why: string | null
  /** Of what was picked from a menu. */
  itemIds: number[]
  effort: number | null
}

/** What became of a change in the weeks after it. */
export interface Followed {
  /** Dates of visits that keep what was changed for their day alone. */
  keptVisits: string[]
}

/** One main lift of a programme through its weeks, as it is forecast. */
export interface ForecastLift {
  day: string
  thread: string
  name: string
  unit: string
  points: ForecastPoint[]
}

/** What one week is likely to ask of a lift. */
export interface ForecastPoint {
  week: number
  /** Of the pattern's reference lift. */
  kg: number
  lowKg: number
  highKg: number
  count: number
  sets: number
  /** `start`, `more`, `step`, `bridge`, `lighter` or `same`. */
  kind: string
  words: string
}

/** One health question and its newest answer. */
export interface HealthAnswer {
  id: string
  ask: string
  yes: boolean | null
  locks: boolean
  namesJoints: boolean
}

/** What locks a programme, and what to do about it. */
export interface HealthLock {
  question: string | null
  why: string
  do: string
}

/** A client's health answers and what they come to today. Nothing here names an illness that was not told. */
export interface Health {
  clientId: number
  questions: HealthAnswer[]
  /** Those that can be named. */
  joints: Joint[]
  /** Those that were. */
  named: NamedJoint[]
  answeredOn: string | null
  /** From when they are to be asked again. */
  dueOn: string | null
  isDue: boolean
  note: string
  /** Millimetres of mercury, as is the next. */
  systolic: number | null
  diastolic: number | null
  /** What stands between the client and training today. */
  locks: HealthLock[]
  limits: LimitInForce[]
  /** What is left for the trainer to decide. */
  notes: string[]
  /** Newest first. */
  clearances: Clearance[]
  checkedOn: string | null
  seen: MovementChecks | null
  /** Limits the checks suggest and that are not set. */
  proposals: LimitInForce[]
  sideAdvice: string
  emergencyNumber: string
  /** The newest, newest first. */
  audit: AuditEntry[]
  /** How many there are in all. */
  auditCount: number
}

/** The room a client trains in. */
export interface Home {
  ceilingCm: number | null
  floor: string
  quiet: boolean
  quietHours: string
  lengthM: number | null
  widthM: number | null
  pets: boolean
  children: boolean
  hasWall: boolean
  anchors: Anchor[]
  note: string
}

/** The mass of a household thing, with the sum and one sigma. */
export interface HouseholdMass {
  massKg: number
  sdKg: number
  certainty: string
  sum: string
}

/** What may take the place of one exercise today, ranked. */
export interface ItemAlternatives {
  itemId: number
  /** Names what they were reckoned for. */
  rung: string
  /** What the others were reckoned for, and the way back to it; null where the shelf does not serve it. */
  own: Alternative | null
  /** Null where the shelf has nothing easier. */
  easier: Alternative | null
  /** Null where the shelf has nothing harder. */
  harder: Alternative | null
  /** Best first. */
  swaps: Alternative[]
}

/** One exercise of a session as it will be done. */
export interface Item {
  id: number
  exercise: string
  name: string
  words: string
  /** Names the exercise as it is set; what was reckoned for another rung is not shown for this one. */
  rung: string
  /** As it is done now; a set that is logged says it back. */
  setting: Record<string, unknown>
  /** How sure the load is. */
  certainty: string
  sets: number
  reps: number
  /** What one set asks for, in words. */
  dose: string
  /** One repetition at the tempo that is asked for. */
  secondsEach: number
  reserve: number
  isHold: boolean
  /** Of a hold: the longest so far; null where there is none, or it is no hold. */
  bestSeconds: number | null
  lastToFailure: boolean
  lastTime: string | null
  perSide: boolean
  restSeconds: number
  /** Slower than usual, in words; null for the usual one. */
  tempo: string | null
  /** Seconds of each part; null for the usual tempo. */
  tempoParts: Record<string, number> | null
  /** What the load comes to over the part of the range that is used; null for all of it. */
  rangeRatio: number | null
  /** Why it is left out today; null where it is done. */
  leftOut: string | null
  /** False where the shelf cannot serve it as it stands. */
  servable: boolean
  problems: string[]
  /** What the programme wrote, where it has been swapped. */
  swappedFrom: string | null
  swapWhy: string | null
  cues: Cues
  cautions: string[]
  /** Null where kilograms mean nothing. */
  equivalent: Equivalent | null
  figure: Figure
  setLogs: SetLog[]
}

/** A joint that may hurt, and the limits that are proposed while it does. */
export interface Joint {
  id: string
  name: string
  hasSides: boolean
  limits: Limit[]
  why: string
}

/** What became of events that were sent. */
export interface KeptEvents {
  /** Keys; kept now or before. */
  accepted: string[]
  refused: RefusedEvent[]
}

/** A ready neighbour of an exercise. */
export interface LadderStep {
  /** `easier`, `harder`, `seated`, `quiet`, `without kit`, `small space` or `this`. */
  kind: string
  exercise: string
  name: string
  /** Of the bare exercise; null where it does not compare. */
  equivalent: Equivalent | null
}

/** One logged set in the ledger. */
export interface LedgerEntry {
  id: number
  loggedAt: string
  exercise: string
  words: string
  pattern: string
  setNumber: number
  side: string | null
  reps: number | null
  seconds: number | null
  isHold: boolean
  reserve: number | null
  pain: boolean
  painNote: string
  equivalent: string
}

/** A pattern's capacity and its place on the shelf's rungs. */
export interface LedgerPattern {
  pattern: string
  name: string
  unit: string
  reference: string
  /** One repetition, load on top of the body. */
  capacityKg: number
  lowKg: number
  highKg: number
  history: CapacityPoint[]
  rungs: LedgerRung[]
  next: NextTarget | null
}

/** What was done, and what it says. */
export interface Ledger {
  clientId: number
  clientName: string
  patterns: LedgerPattern[]
  /** Newest first. */
  entries: LedgerEntry[]
  /** Newest first. */
  swaps: LedgerSwap[]
}

/** One rung of the shelf for a pattern. */
export interface LedgerRung {
  words: string
  exercise: string
  name: string
  kg: number
  lowKg: number
  highKg: number
  /** Short, for the axis. */
  label: string
  current: boolean
  next: boolean
}

/** One change of what was prescribed. */
export interface LedgerSwap {
  id: number
  /** When it was made. */
  on: string
  /** Which session it was made for; empty where that is gone. */
  session: string
  /** What asked for it. */
  occasion: string
  from: string
  to: string
  why: string
  isUndone: boolean
}

/** A thing that is lent to somebody. */
export interface Lent {
  id: number
  name: string
  count: number
  /** Who has it. */
  to: string
}

/** One limit, or one thing about the room, and what it switches off. */
export interface LimitEffect {
  id: string
  label: string
  isOn: boolean
  /** `trainer`, `health`, `age` or `room`; empty where it is not in force. */
  source: string
  why: string
  /** Names of the exercises it switches off on its own. */
  off: string[]
}

/** What a client's limits and room leave of the catalogue. */
export interface LimitEffects {
  clientId: number
  left: number
  total: number
  /** Every limit that can be of this client. */
  limits: LimitEffect[]
  room: LimitEffect[]
}

/** A limit with where it comes from and why. */
export interface LimitInForce {
  id: string
  label: string
  source: string
  why: string
}

/** A limit that changes what a client may do. */
export interface Limit {
  id: string
  label: string
}

/** What a person's limit does to an exercise, and why. */
export interface LimitRule {
  limit: string
  label: string
  excludes: boolean
  why: string
}

/** A candidate at a setting moved by hand, or why it cannot be used there. */
export interface LiveSwap {
  problem: string | null
  candidate: Candidate | null
}

/** One part of a match. */
export interface MatchPart {
  name: string
  percent: number
  weightPercent: number
}

/** A change that would answer a check. */
export interface Mend {
  /** What its button says. */
  words: string
  /** What is sent to make it. */
  edit: Record<string, unknown>
}

/** What was seen in the movement checks: rises in 30 s, seconds on one leg, reach, and what each side managed. */
export interface MovementChecks {
  rises: number | null
  leftBalanceS: number | null
  rightBalanceS: number | null
  overhead: string | null
  leftKg: number | null
  rightKg: number | null
}

/** Hard sets of a muscle in a week, against the band that does it good. */
export interface MuscleSets {
  muscle: string
  sets: number
  low: number
  high: number
}

/** One muscle's share of the work. */
export interface MuscleShare {
  muscle: string
  percent: number
  main: boolean
}

/** A joint that the client named. */
export interface NamedJoint {
  joint: string
  name: string
  /** `left`, `right`, `both`, or empty. */
  side: string
  /** The year; null where it is their own. */
  replaced: number | null
}

/** An exercise of the session that is to be swapped, or was. */
export interface NeededSwap {
  itemId: number
  name: string
  /** True while the shelf does not allow it as it stands. */
  isOpen: boolean
}

/** What to ask for next time. */
export interface NextTarget {
  step: string
  words: string
  reps: number
  why: string
}

/** When the client is trained next. */
export interface NextVisit {
  startsAt: string
  name: string
}

/** What would bring a swap where there is none. */
export interface Opener {
  /** `buy`, `fill`, `borrow` or `find`. */
  how: string
  words: string
  /** Things it takes; more than one only where no single one would do. */
  pieces: number
  swaps: number
  /** The best swap it would bring, in words. */
  best: string
  matchPercent: number
}

/** What two days of visits need where there is no network. */
export interface Pack {
  /** Names it: as long as it is the same, nothing in it has changed. */
  tag: string
  /** Those that the device has not, or not as they are now. */
  answers: PackedAnswer[]
  /** False where more is to be asked for. */
  isWhole: boolean
}

/** One answer as it would be given to whoever asked for it alone. */
export interface PackedAnswer {
  /** Under which the page asks for it. */
  path: string
  /** The same for as long as the answer is. */
  tag: string
  answer: Record<string, unknown>
}

/** A typed line as far as it was understood. */
export interface ParsedLine {
  line: string
  kind: string | null
  name: string
  count: number
  /** What the form's fields are filled with. */
  fields: Record<string, string>
  understood: Understood[]
  /** Words that were not understood. */
  unknown: string[]
  /** What is still needed, by the field that asks. */
  missing: Record<string, string>
  assumed: string[]
  /** Why it is put on no shelf; null where it may be. */
  refused: string | null
}

/** A part of the body that may be sore. */
export interface Part {
  id: string
  label: string
}

/** How far a shelf reaches in one pattern; loads are kilograms of its reference lift. */
export interface PatternCoverage {
  id: string
  name: string
  unit: string
  reference: string | null
  exercises: number
  /** True where there is one load and no other. */
  isBarely: boolean
  lowKg: number | null
  highKg: number | null
  /** What the client could lift once, as far as known: by their log, else by what people like them can. */
  neededKg: number | null
  /** Every load that can be told apart, lightest first. */
  rungsKg: number[]
  gaps: CoverageGap[]
}

/** Something a programme can be planned by. */
export interface PlanChoice {
  id: string
  label: string
}

/** A day on which there is time. */
export interface PlanDay {
  /** 1 is Monday. */
  weekday: number
  minutes: number
  /** On the clock on the wall: "09:00". */
  time: string
}

/** How a programme was asked for, so that it can be asked for again. */
export interface PlanStyle {
  goal: string
  experience: string
  order: string
  structure: string
}

/** Exercises of a planned session that are done together. */
export interface PlannedBlock {
  kind: string
  name: string
  /** "3 rounds, 40 s of work, 20 s of rest"; empty where the exercises say it all. */
  rule: string
  items: PlannedItem[]
}

/** One exercise of a planned session. */
export interface PlannedItem {
  /** Names the slot through the weeks. */
  thread: string
  exercise: string
  name: string
  /** The setting by the names of this shelf. */
  words: string | null
  sets: number
  /** "10 repetitions per side". */
  dose: string
  /** "3 × 10". */
  short: string
  reserve: number
  restSeconds: number
  /** In the pattern's reference lift; null where nothing is measured. */
  equivalentKg: number | null
  /** Why it stands here, or what changes in this week. */
  why: string
}

/** One session of a planned week. */
export interface PlannedSession {
  /** 1 for Monday to 7. */
  weekday: number
  day: string
  /** On the clock on the wall: "08:30". */
  time: string
  name: string
  minutes: number
  likelyMinutes: number
  positionChanges: number
  blocks: PlannedBlock[]
}

/** One week of a programme. */
export interface PlannedWeek {
  number: number
  kind: string
  /** Its Monday, as a date. */
  startsOn: string
  sessions: PlannedSession[]
}

/** One load of an adjustable dumbbell. */
export interface PlateBuild {
  loadKg: number
  perEnd: string
}

/** Every load of an adjustable dumbbell and the way from one to another. */
export interface PlateLoading {
  itemId: number
  /** Lightest first. */
  builds: PlateBuild[]
  from: number
  to: number
  /** What to take off and put on at each end, from one build to the other. */
  change: string
}

/** The exercise as the programme wrote it. */
export interface Prescribed {
  exercise: string
  name: string
  words: string
  sets: number
  reps: number
  reserve: number
  isHold: boolean
  goal: string
  /** Null where kilograms mean nothing. */
  equivalent: Equivalent | null
  curve: Curve
  figure: Figure
}

/** One change of a programme, by hand or by what was logged. */
export interface ProgrammeEdit {
  id: number
  week: number
  words: string
  /** A moment. */
  at: string
  isUndone: boolean
}

/** A programme by its name. */
export interface ProgrammeName {
  id: number
  name: string
  state: string
  startsOn: string
  weeks: number
}

/** A programme, kept or proposed, with its proofs. */
export interface Programme {
  clientId: number
  /** Null while it is only proposed. */
  id: number | null
  /** `proposed`, `draft`, `waiting`, `running` or `ended`. */
  state: string
  name: string
  goal: string
  style: PlanStyle
  /** A date. */
  startsOn: string
  /** The one that is being done; the first where it does not run. */
  week: number
  weeks: PlannedWeek[]
  checks: WeekCheck[]
  /** Of that week. */
  muscles: MuscleSets[]
  /** Empty where it was written by hand. */
  score: ScorePart[]
  /** What the first week is worth; null where it was written by hand. */
  total: number | null
  heldBack: string[]
  /** How each line was read; empty where it was planned or is kept. */
  written: WrittenLine[]
  /** Its last day; null where it goes on to the end of its weeks. */
  endsOn: string | null
  /** The last day of the pause that holds or comes. */
  pausedUntil: string | null
  /** That it was started, stopped, paused or went on, where that can be taken back. */
  lastTurn: ProgrammeTurn | null
}

/** That a programme was started, stopped, paused or went on. */
export interface ProgrammeTurn {
  id: number
  programmeId: number
  /** `started`, `stopped`, `paused` or `went-on`. */
  kind: string
  /** When. */
  at: string
  /** Visits it took off the Round. */
  gone: number
  /** Visits it put there. */
  made: number
}

/** What a client trains by: the programme that runs, the drafts, and what planning can choose from. */
export interface Programmes {
  clientId: number
  /** The running one, else the newest draft; null where there is none. */
  shown: Programme | null
  /** Newest first. */
  all: ProgrammeName[]
  /** The client's. */
  goal: string
  goals: PlanChoice[]
  experiences: PlanChoice[]
  orders: PlanChoice[]
  structures: PlanChoice[]
  /** The client's, as on record. */
  experience: string
  /** As many and as long as on record. */
  days: PlanDay[]
  /** False where nothing was logged or told of the client: plans go by what people like them can. */
  isOnRecord: boolean
  /** Today where it is the first, else the next Monday. */
  startsOn: string
}

/** The figure and the curve of one rung, and of the reference lift at the same load. */
export interface RailDetail {
  key: string
  /** Its id. */
  exercise: string
  /** What putting it into a session says back. */
  setting: Record<string, unknown>
  equivalent: Equivalent
  figure: Figure
  curve: Curve
  referenceCurve: Curve
  /** What a scale under the hands would read; null where they bear no weight. */
  plate: string | null
}

/** A pattern that has a rail. */
export interface RailPattern {
  id: string
  name: string
}

/** Everything a client can use in one pattern, on one axis; loads are kilograms of its reference lift. */
export interface Rail {
  clientId: number
  pattern: string
  name: string
  unit: string
  reference: string
  goal: string
  /** The other rails. */
  patterns: RailPattern[]
  /** Between this and the next the goal's repetitions leave the goal's reserve; null where nothing is logged. */
  windowLowKg: number | null
  windowHighKg: number | null
  /** Lightest first. */
  rungs: RailRung[]
  unusable: Exclusion[]
  /** Things and settings left out of exercises that can be used. */
  leftOut: Exclusion[]
}

/** One rung on a rail. */
export interface RailRung {
  key: string
  /** Where it hangs. */
  kg: number
  lowKg: number
  highKg: number
  /** As it is said, rounded to what anyone could tell apart. */
  shownKg: number
  exercise: string
  words: string
  implement: string
  position: string
  /** Repetitions to expect at the goal's reserve; null where nothing is logged. */
  reps: number | null
  repsLow: number | null
  repsHigh: number | null
  isHold: boolean
  perSide: boolean
  setUpSeconds: number
  isInWindow: boolean
  /** True for the rung of the newest logged set, or the nearest to it. */
  isNow: boolean
  /** From the rung in use, for the next two either way. */
  jumpPercent: number | null
  /** True above fifteen per cent. */
  isBigJump: boolean
  cautions: string[]
}

/** How a typed result would be understood. */
export interface ReadResult {
  exercise: string
  words: string
  result: string
}

/** What to put in, and what it weighs then. */
export interface Recipe {
  totalKg: number
  errorKg: number
  /** How far either side of the total four cases in five lie. */
  likelyKg: number
  pieces: number
  parts: FillPart[]
}

/** An event that was not kept, and why. */
export interface RefusedEvent {
  key: string
  /** What of it is wrong; `lock` where a health answer stands in the way. */
  field: string
  message: string
}

/** One exercise of a session planned anew: what it was, and what it becomes. */
export interface ReplanChange {
  itemId: number
  /** `swap`, `fewer-sets`, `left-out` or `stays`. */
  kind: string
  /** What stood there, in words. */
  from: string
  why: string
  name: string
  /** The new setting; empty where it stays. */
  words: string
  sets: number
  reps: number
  repsLow: number
  repsHigh: number
  reserve: number
  tempo: string | null
  isHold: boolean
  perSide: boolean
  matchPercent: number | null
  equivalent: Equivalent | null
  /** What changes and what is lost. */
  notes: string[]
  cautions: string[]
}

/** A session planned anew: every exercise still to be done, changed or not. */
export interface Replan {
  sessionId: number
  sessionName: string
  clientId: number
  clientName: string
  occasion: Occasion
  /** What happened, in words. */
  title: string
  /** Why nothing may be trained until a clearance is noted. */
  locks: HealthLock[]
  changes: ReplanChange[]
  /** For what is left, set-up and rests included; estimated. */
  minutesBefore: number
  minutesAfter: number
}

/** One exercise of a programme that no longer stands. */
export interface ReviewEntry {
  key: string
  day: string
  /** `swap`, `forward` (only what it was to become does not stand) or `out` (nothing takes its place). */
  kind: string
  name: string
  words: string
  why: string
  /** In which it does not stand. */
  weeks: number[]
  toName: string | null
  toWords: string | null
  toDose: string | null
  toWhy: string | null
}

/** What of a programme no longer stands with the shelf, the room and the limits as they are. */
export interface Review {
  programmeId: number
  programme: string
  state: string
  version: number
  /** From which it would be mended. */
  week: number
  /** True while it was made for somebody else: loads are looked at too. */
  isCopy: boolean
  entries: ReviewEntry[]
}

/** The trainer's day. */
export interface Round {
  date: string
  /** The day after it. */
  tomorrow: string
  visits: Visit[]
  /** Visits without a session, and time that is not free. */
  appointments: Appointment[]
  week: WeekDay[]
  /** The next day with a visit, where this one has none. */
  nextDate: string | null
}

/** A programme that runs, with its visits that lie ahead. */
export interface RunningProgramme {
  id: number
  name: string
  week: number
  weeks: number
  /** That nobody has begun, the next first. */
  visits: AheadVisit[]
}

/** One part of what a week is worth. */
export interface ScorePart {
  name: string
  points: number
  words: string
}

/** A planned session looked at closely: what to lay out, what is left of it in less time, how it goes minute by minute. */
export interface SessionDetail {
  weekday: number
  layOut: string[]
  rows: SheetRow[]
  shorter: ShorterSelf[]
  /** Of work alone. */
  workMinutes: number
  /** Of rest. */
  restMinutes: number
  /** Of setting up and changing beyond what fits into the rest. */
  changeMinutes: number
}

/** One session with everything the Floor needs. */
export interface Session {
  id: number
  clientId: number
  clientName: string
  name: string
  /** True where it finds out what somebody can do. */
  isStart: boolean
  startsAt: string
  /** Promised. */
  minutes: number
  /** What its sets, rests and changes add up to. */
  takesMinutes: number
  /** How often the client gets down to the floor or up. */
  positionChanges: number
  state: SessionState
  /** What stands between the client and training today. */
  locks: HealthLock[]
  /** What to have within reach before the clock starts, with what goes into it. */
  layOut: string[]
  /** Things that two exercises of one block want in two set-ups. */
  clashes: string[]
  blocks: Block[]
  /** Everything that is played, in order. */
  steps: Step[]
  /** What they come to on paper, by exercise. */
  rows: SheetRow[]
  /** What happened and stands, in order; sets apart. */
  facts: FloorFact[]
  /** What is given up first as time runs short. */
  shedding: Shedding[]
  /** Null where none is planned. */
  next: NextVisit | null
  /** Parts of the body that may be sore. */
  parts: Part[]
  /** True where the pressure is taken before every session. */
  asksPressure: boolean
  /** At or above it nobody trains, millimetres of mercury. */
  stopSystolic: number
  /** At or above it nobody trains, millimetres of mercury. */
  stopDiastolic: number
  /** Whom to call. */
  emergencyNumber: string
  /** By the device's clock. */
  startedAt: string | null
  /** By the device's clock. */
  endedAt: string | null
}

/** A session in a list. */
export interface SessionSummary {
  id: number
  name: string
  /** ISO 8601. */
  startsAt: string
  minutes: number
  state: SessionState
  /** Exercises the shelf cannot serve as written. */
  swapsNeeded: number
}

/** One logged set. */
export interface SetLog {
  id: number
  key: string
  exercise: string
  words: string
  setNumber: number
  side: string | null
  reps: number | null
  seconds: number | null
  reserve: number | null
  pain: boolean
  painNote: string
  loggedAt: string
}

/** What a trainer has set for all clients. */
export interface Settings {
  /** Millimetres of mercury at or above which nobody trains that day, as is the next. */
  systolic: number
  diastolic: number
  emergencyNumber: string
  /** How much each part of a match counts. */
  weights: Weight[]
  /** Where the trainer's days begin and end. */
  zone: string
  /** What they call it: `push-up` or `press-up`. */
  pushUp: string
}

/** What is given up next as time runs short: so many sets are left of one exercise. */
export interface Shedding {
  itemId: number
  sets: number
}

/** Exercises that are done together, in a week that is being changed. */
export interface SheetBlock {
  kind: string
  /** The kind in words. */
  label: string
  name: string
  /** "3 rounds, 40 s of work"; empty where the exercises say it all. */
  rule: string
  /** The rule as it is sent. */
  numbers: Record<string, unknown>
  /** Kinds it could be with so many exercises. */
  shapes: string[]
  slots: SheetSlot[]
}

/** One exercise of a session on paper. */
export interface SheetRow {
  /** Of the slot; the id of the exercise of a day. */
  thread: string
  sets: number
  dose: string
  /** After its first set, changes included. */
  restSeconds: number
}

/** A session of a week that is being changed. */
export interface SheetSession {
  /** 1 for Monday to 7. */
  weekday: number
  day: string
  /** On the clock on the wall: "08:30". */
  time: string
  name: string
  minutes: number
  /** By the plan's own rests. */
  promisedMinutes: number
  /** As rests and changes of this client have gone. */
  likelyMinutes: number
  positionChanges: number
  /** How often something is put down and something else taken up. */
  kitChanges: number
  blocks: SheetBlock[]
}

/** One exercise of a week that is being changed. */
export interface SheetSlot {
  /** Names it within its day. */
  thread: string
  exercise: string
  name: string
  /** The setting by the names of this shelf. */
  words: string | null
  sets: number
  /** "10 repetitions per side". */
  dose: string
  /** "3 × 10". */
  short: string
  /** Null where seconds count. */
  reps: number | null
  repsMost: number | null
  /** Null where repetitions count, or there is no cap. */
  seconds: number | null
  asLongAsClean: boolean
  perSide: boolean
  /** `both`, `alternating`, `each`, `swap-each-round` or `own-slots`. */
  sides: string
  /** Ways the sides can share a set. */
  sidesThere: PlanChoice[]
  reserve: number
  restSeconds: number
  isHeld: boolean
  lastToFailure: boolean
  /** Seconds of each part; null for the usual one. */
  tempo: Record<string, number> | null
  usualTempo: Record<string, number>
  /** What makes one repetition, where that needs saying. */
  means: string
  factor: number
  why: string
  /** Names of what it uses. */
  things: string[]
}

/** One thing on the shelf. */
export interface ShelfItem {
  id: number
  kind: string
  name: string
  count: number
  /** Per piece. */
  massKg: number | null
  /** What is known of it, with units. */
  facts: string
  certainty: string
  /** For the drawing: 0 to 1, by mass or length. */
  size: number
  /** Patterns it can load. */
  serves: string[]
  outOfService: string | null
  /** `sound`, `nicked`, `whitened`, `loose` or `cracked`. */
  condition: string
  inspectedOn: string | null
  /** When it is to be looked over again; null where that is not needed. */
  inspectDueOn: string | null
  isInspectionDue: boolean
  /** Repetitions logged with a band since its last test; null for other things. */
  stretches: number | null
  /** Day of a band's last test on the scale. */
  testedOn: string | null
  /** True where the simulated scale once tested it: that is not believed. */
  wasMadeUp: boolean
  isRetestDue: boolean
  /** True where it belongs to another person of the household. */
  isShared: boolean
  /** As entered. */
  measures: Record<string, unknown>
  /** Whose it is, where it is only lent. */
  lentBy: string | null
  /** Of a kind that no exercise is done with. */
  servesNothingBecause: string | null
}

/** Everything a client owns that can load a movement. */
export interface Shelf {
  clientId: number
  clientName: string
  /** Whose shelf is used as well. */
  sharedWith: string | null
  items: ShelfItem[]
  /** What belongs here and stands on another shelf. */
  lentOut: Lent[]
  limits: Limit[]
}

/** What is left of a planned session when there is less time. */
export interface ShorterSelf {
  /** There are. */
  minutes: number
  /** It takes. */
  likelyMinutes: number
  /** "2 × 10 Goblet squat". */
  stays: string[]
}

/** What there is to know about one exercise of a planned week, looked at closely. */
export interface SlotDetail {
  thread: string
  /** Why no set of it may go to failure; null where that is a choice. */
  noFailure: string | null
  exercise: string
  name: string
  figure: Figure
  cues: Cues
  cautions: string[]
  /** What is laid out for it, with recipes. */
  layOut: string[]
  /** Null where the shelf has nothing easier for it. */
  easier: SlotStep | null
  harder: SlotStep | null
  equivalent: Equivalent | null
}

/** A step to another rung. */
export interface SlotStep {
  name: string
  words: string
  /** What would be asked of it: "8 repetitions". */
  dose: string
}

/** What starting a draft would end. */
export interface StartPreview {
  /** On which the draft would begin, a date. */
  firstDay: string
  /** On which what runs may end, each a date: the eve, and today where that is earlier. */
  lastDays: string[]
  /** Empty where nothing runs. */
  running: RunningProgramme[]
}

/** How to find out what a client can do, what is known by now, and what that changed. */
export interface Start {
  clientId: number
  clientName: string
  /** Why it is offered; null where enough is known. */
  why: string | null
  /** True where a set ends well before it is hard. */
  isCareful: boolean
  /** With as many steps as are likely. */
  minutes: number
  mostMinutes: number
  tests: StartTest[]
  untested: string[]
  locks: HealthLock[]
  nextVisit: string | null
  /** The newest. */
  session: StartRun | null
  beliefs: Belief[]
  /** Newest first. */
  told: ToldResult[]
  /** What it changed in the programme. */
  changed: ChangedSlot[]
}

/** A first session that is planned, under way or done. */
export interface StartRun {
  id: number
  state: SessionState
  startsAt: string
  endedAt: string | null
}

/** One step of a test: what is done, with what, how often. */
export interface StartStep {
  exercise: string
  name: string
  words: string
  dose: string
}

/** One test of a first session, from light to heavier. */
export interface StartTest {
  name: string
  isHold: boolean
  steps: StartStep[]
}

/** One thing the Floor plays. */
export interface Step {
  /** `work`, `rest`, `change` or `announce`. */
  kind: string
  seconds: number
  words: string
  /** Whose work it is, or what is made ready for. */
  itemId: number | null
  /** Of work, and of what is announced before it. */
  setNumber: number | null
  /** `left` or `right` where sides are done apart. */
  side: string | null
  /** True where a set, or a side of it, is through and is logged. */
  endsSet: boolean
  /** Of work: repetitions or seconds to aim at. */
  dose: number | null
  /** Of work: `repetitions`, `down` or `up`, what tells that it is through. */
  counting: string | null
  pickUp: string[]
  putDown: string[]
}

/** One of the values a control can take. */
export interface Stop {
  value: number
  label: string
}

/** What a check of a support comes to. */
export interface SupportCheck {
  itemId: number
  itemName: string
  exercise: string
  /** `fine`, `brace` or `do-not`. */
  verdict: string
  /** Of what is allowed; null where it is refused outright. */
  usedPercent: number | null
  /** What the exercise puts on it at its hardest, for this client. */
  loadKg: number
  heightCm: number | null
  sum: string
  words: string
  figure: Figure
}

/** The swap desk: what was prescribed, what could stand in for it, what could not. */
export interface Swaps {
  itemId: number
  sessionId: number
  sessionName: string
  clientId: number
  clientName: string
  prescribed: Prescribed
  candidates: Candidate[]
  excluded: Exclusion[]
  leftOut: Exclusion[]
  /** Why nothing may be trained until a clearance is noted. */
  locks: HealthLock[]
  problems: string[]
  capacityKnown: boolean
  /** Of the candidate in use now. */
  chosenKey: string | null
  swappedFrom: string | null
  /** True where the swap in use holds for later sessions too. */
  isFromHereOn: boolean
  /** True while the session runs, so that a swap may be for one set. */
  isRunning: boolean
  /** Items of later sessions for which the programme wrote the same. */
  laterCount: number
  /** Where there is no candidate: single things that would bring one. */
  openers: Opener[]
  /** This exercise and those of its session that the shelf does not allow, in order. */
  needed: NeededSwap[]
}

/** Something that can be copied: a template of one's own, or a programme of a client. */
export interface Template {
  id: number
  name: string
  /** Whose it is; null for a template. */
  client: string | null
  state: string
  weeks: number
  sessions: number
}

/** Two sessions done in turns with one kit. */
export interface Together {
  /** Until both are through. */
  minutes: number
  /** In which nobody works. */
  waitMinutes: number
  /** Things that both use. */
  shared: string[]
  /** What has to be set up anew between the two. */
  clashes: string[]
}

/** Somebody of the same household who trains at the same time with the same kit. */
export interface TogetherWith {
  sessionId: number
  clientName: string
}

/** What a trainer knew already, as it was typed and as it was understood. */
export interface ToldResult {
  id: number
  line: string
  exercise: string
  words: string
  result: string
  toldOn: string
}

/** The trainer who is signed in. */
export interface Trainer {
  id: number
  name: string
  email: string
}

/** What came of trying one thing of the usual additions. */
export interface TriedAddition {
  /** Null where it opens nothing. */
  gain: Addition | null
}

/** A piece of a typed line and what it was taken for. */
export interface Understood {
  text: string
  means: string
}

/** A trainer's own version of a shipped exercise. */
export interface Variant {
  id: number
  /** Id of the shipped one. */
  exercise: string
  exerciseName: string
  name: string
  setUp: string[]
  outward: string[]
  inward: string[]
  breath: string
  note: string
}

/** One session of a running programme that a visit more could be. */
export interface VisitChoice {
  plannedSessionId: number
  programmeId: number
  /** Of the programme; a change says which one it was made on. */
  version: number
  name: string
  week: number
  /** 1 is Monday. */
  weekday: number
  /** On the clock on the wall: "08:30". */
  time: string
  minutes: number
}

/** One visit of the day. */
export interface Visit {
  sessionId: number
  clientId: number
  clientName: string
  trade: string
  place: string
  sessionName: string
  startsAt: string
  minutes: number
  state: SessionState
  exercises: string[]
  swapsNeeded: number
  firstSwapItemId: number | null
  setsLogged: number
  setsPlanned: number
  limits: Limit[]
  /** Open pain flags of the last two weeks. */
  painNotes: string[]
  /** Why nobody trains today. */
  locks: string[]
  /** What the session asks for and this shelf has not. */
  bring: string[]
  /** What changed since the last session. */
  changes: string[]
  /** With its day; empty where nobody noted anything. */
  lastNote: string
  /** Since the last logged set. */
  daysSinceLast: number | null
  /** Who shares the kit and has a visit at the same time; null where nobody does. */
  together: TogetherWith | null
  /** Visits elsewhere at the same time: "Orrin Kestlewick, 09:00". */
  overlaps: string[]
  /** ISO 8601; null where it stands where the plan has it. */
  movedFrom: string | null
  /** True where it is done a time more than the plan says. */
  isAdded: boolean
  isCancelled: boolean
  /** It was moved or cancelled; empty where nobody said. */
  why: string
}

/** One thing a week is checked for. */
export interface WeekCheck {
  id: string
  name: string
  week: number
  /** The session it is about; null for the week. */
  weekday: number | null
  /** `ok`, `watch` or `no`. */
  verdict: string
  value: string
  wanted: string
  words: string
  /** Exercises in the way, each with what is said of it; empty where it is about all. */
  threads: Record<string, string>
  /** What would answer it, while the week is edited. */
  mends: Mend[]
}

/** One day of the week strip. */
export interface WeekDay {
  date: string
  visits: number
  isToday: boolean
}

/** One week of a kept programme, to be changed by hand, with what is said about it. */
export interface WeekSheet {
  programmeId: number
  clientId: number
  programme: string
  state: string
  /** A change says which one it was made on. */
  version: number
  number: number
  weeks: number
  /** `build` or `deload`. */
  kind: string
  /** Its Monday, as a date. */
  startsOn: string
  sessions: SheetSession[]
  checks: WeekCheck[]
  muscles: MuscleSets[]
  /** Kinds of block there are. */
  shapes: PlanChoice[]
  /** What would be taken back next. */
  undo: string | null
  /** What would be made again next. */
  redo: string | null
  /** The week that change was made in. */
  undoWeek: number | null
  /** What was just done; empty where nothing was. */
  said: string
  /** Dates of visits that keep what was changed for their day alone. */
  keptVisits: string[]
}

/** How much one part of a match counts, in hundredths. */
export interface Weight {
  part: string
  percent: number
  usualPercent: number
}

/** Words of a written session that mean nothing certain. */
export interface WrittenDoubt {
  /** As a sentence. */
  question: string
  /** Where they begin in the text, in characters. */
  from: number
  /** Behind their end. */
  to: number
  /** What can stand in their place. */
  choices: string[]
}

/** One line of a written session, as it was read. */
export interface WrittenLine {
  /** As it was written. */
  text: string
  /** The block it became; empty where it became none. */
  kind: string
  rule: string
  /** What is asked. */
  doubts: WrittenDoubt[]
  /** What is understood and cannot be done so. */
  refused: string[]
  /** Words that were left alone. */
  left: string[]
  slots: WrittenSlot[]
}

/** One exercise of a written line, as it was read. */
export interface WrittenSlot {
  text: string
  /** The exercise; null where none was found, or this shelf cannot do it. */
  name: string | null
  /** "3 × 10 repetitions". */
  short: string
  /** The setting by the names of this shelf. */
  words: string | null
  /** What this shelf does not hold. */
  problem: string | null
  /** What was taken for granted. */
  assumed: string[]
  /** What the shelf offers in its place. */
  instead: string | null
  insteadWords: string | null
}
