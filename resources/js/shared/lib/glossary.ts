/** The words of the desk that are not everybody's, each in a sentence or two. */
export const glossary = {
  rail: 'Everything this client can use in one movement pattern on one line, lightest at the left, in kilograms of its reference lift.',
  equivalent:
    'The load in the pattern’s reference lift that feels the same to this person over the whole way: ' +
    'kilograms in which a band, a rucksack and a push-up can be compared.',
  likely:
    'Four cases in five lie within this range. It is as wide as masses, bands, limb lengths and body shares are unsure.',
  match:
    'How well a swap keeps what was prescribed: movement, effort, muscles, shape of the curve, limbs, set-up and liking, ' +
    'each with its weight. 100 % is the same thing.',
  reserve: 'Repetitions that would still have been clean. 2 in reserve: two more, then shape would have broken.',
  tempo: 'Seconds of one repetition: lowering, pause, lifting, top. Slower lowering makes a light load harder.',
} as const

export type Word = keyof typeof glossary
