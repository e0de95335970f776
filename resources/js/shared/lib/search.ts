/** What an exercise is found by. */
export interface Searched {
  name: string
  aliases: string[]
  patternName: string
  muscles: string[]
  kit: string[]
}

/** Muscles as people say them, in plain words and in Latin, by the word the catalogue uses. */
const muscleWords: Record<string, string> = {
  gluteals: 'glutes gluteus maximus buttocks bottom',
  abdominals: 'abs abdomen rectus abdominis core belly stomach',
  obliques: 'waist side obliquus core',
  'spinal erectors': 'lower back erector spinae',
  quadriceps: 'quads thigh front of the thigh',
  hamstrings: 'hams biceps femoris back of the thigh',
  calves: 'calf gastrocnemius soleus',
  adductors: 'inner thigh adductor groin',
  abductors: 'outer hip gluteus medius side of the hip',
  'hip flexors': 'psoas iliopsoas front of the hip',
  chest: 'pecs pectorals pectoralis',
  lats: 'latissimus dorsi back broad back',
  'mid back': 'rhomboids upper back between the shoulder blades back',
  trapezius: 'traps neck upper back',
  'front shoulder': 'delts deltoid anterior deltoid shoulders',
  'side shoulder': 'delts deltoid lateral deltoid shoulders',
  'rear shoulder': 'delts deltoid posterior deltoid shoulders',
  'rotator cuff': 'infraspinatus external rotators shoulders',
  biceps: 'biceps brachii upper arm arms',
  triceps: 'triceps brachii upper arm arms',
  forearms: 'grip wrist brachioradialis arms',
}

/** What a gym would use, and the words under which its like stands here. */
const likewise: [RegExp, string][] = [
  [/\bbench ?press/, 'floor press'],
  [/\b(pull|chin) ?ups?\b/, 'vertical pull'],
  [/\b(lat )?pull ?downs?\b/, 'vertical pull'],
  [/\b(military|overhead|shoulder) ?press/, 'vertical press'],
  [/\bleg ?press/, 'squat'],
  [/\bleg ?extensions?\b/, 'knee extension'],
  [/\bleg ?curls?\b/, 'knee curl'],
  [/\bsit ?ups?\b/, 'trunk flexion'],
  [/\bcable ?rows?\b/, 'row'],
]

const letters = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9°]+/g, ' ')
    // Two names of one thing, whichever of them is shown.
    .replace(/\bpress ?up/g, 'push up')
    .trim()

/** One of several: "squats" as "squat", "presses" as "press", "flies" as "fly". */
const single = (word: string) =>
  word.length < 3 || word.endsWith('ss')
    ? word
    : word
        .replace(/ies$/, 'y')
        .replace(/(?<=ch|sh|ss|x)es$/, '')
        .replace(/s$/, '')

const wordsOf = (text: string) => letters(text).split(' ').filter(Boolean).map(single)

const joined = (text: string) => single(letters(text).replaceAll(' ', ''))

/** True where at most one letter is wrong, missing, too many, or two stand in each other's place. */
export function isNearly(one: string, other: string): boolean {
  if (Math.abs(one.length - other.length) > 1) return false
  let from = 0
  while (from < one.length && one[from] === other[from]) from++
  const a = one.slice(from)
  const b = other.slice(from)
  return (
    a.slice(1) === b.slice(1) ||
    a === b.slice(1) ||
    a.slice(1) === b ||
    (a[0] === b[1] && a[1] === b[0] && a.slice(2) === b.slice(2))
  )
}

interface Indexed {
  /** Names, the own one first, as one word each and in their letters. */
  wholes: string[]
  names: string[]
  ownWords: string[]
  allWords: string[]
}

/** Taken apart once for each exercise, however often it is searched. */
const index = new WeakMap<Searched, Indexed>()

function indexed(one: Searched): Indexed {
  const known = index.get(one)
  if (known !== undefined) return known
  const names = [one.name, ...one.aliases]
  const ownWords = names.flatMap(wordsOf)
  const others = [
    one.patternName,
    ...one.muscles,
    ...one.muscles.map((muscle) => muscleWords[letters(muscle)] ?? ''),
    ...one.kit,
  ]
  const made = {
    wholes: names.map(joined),
    names: names.map(letters),
    ownWords,
    allWords: [...ownWords, ...others.flatMap(wordsOf)],
  }
  index.set(one, made)
  return made
}

function answerTo(typed: string, one: Searched): number {
  const words = wordsOf(typed)
  if (words.length === 0) return 1
  const whole = joined(typed)
  const { wholes, names, ownWords, allWords } = indexed(one)
  if (wholes[0] === whole) return 7
  if (wholes.includes(whole)) return 6
  if (wholes[0]?.startsWith(whole)) return 5
  if (wholes.some((known) => known.includes(whole))) return 4
  const begins = (known: string[], word: string) => known.some((own) => own.startsWith(word))
  if (words.every((word) => begins(ownWords, word))) {
    return names.some((known) => words.every((word) => known.includes(word))) ? 3 : 2
  }
  if (whole.length >= 4 && wholes.some((known) => isNearly(known, whole))) return 1.8
  if (words.every((word) => begins(allWords, word))) return 1.5
  const isForgiven = (word: string) => word.length >= 4 && allWords.some((own) => isNearly(word, own))
  return words.every((word) => begins(ownWords, word) || isForgiven(word)) ? 1 : 0
}

/**
 * How well an exercise answers what was typed: 0 not at all, higher is better. Every word must be found, in its names first,
 * then in pattern, muscles and kit; plural or not, with a hyphen or without, one letter wrong at most.
 */
export function answers(typed: string, searched: Searched): number {
  const direct = answerTo(typed, searched)
  if (direct > 1) return direct
  const plain = letters(typed)
  const here = likewise.find(([said]) => said.test(plain))
  return Math.max(direct, here === undefined ? 0 : Math.min(1.2, answerTo(here[1], searched)))
}

/** What answers, best first, otherwise in the order it came in; everything where nothing is typed. */
export function searched<T extends Searched>(all: T[], typed: string): T[] {
  return all
    .map((one) => ({ one, score: answers(typed, one) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ one }) => one)
}
