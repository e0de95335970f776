/** Kinds of things, in the words a trainer uses, and the fields each asks for. */
export interface Kind {
  id: string
  name: string
  asks: ('mass' | 'bar' | 'max' | 'length' | 'handles' | 'pull' | 'height' | 'grip' | 'plates' | 'pole' | 'contents')[]
}

export const kinds: Kind[] = [
  { id: 'dumbbell', name: 'Dumbbell', asks: ['mass'] },
  { id: 'adjustable-dumbbell', name: 'Adjustable dumbbell', asks: ['plates'] },
  { id: 'kettlebell', name: 'Kettlebell', asks: ['mass'] },
  { id: 'object', name: 'Household object', asks: ['mass', 'grip'] },
  { id: 'pourable', name: 'Vessel with something to pour', asks: ['contents'] },
  { id: 'barbell', name: 'Barbell', asks: ['bar'] },
  { id: 'rucksack', name: 'Rucksack', asks: ['mass', 'max'] },
  { id: 'vest', name: 'Weight vest', asks: ['mass'] },
  { id: 'ankle-weight', name: 'Ankle weight', asks: ['mass'] },
  { id: 'tube', name: 'Tube with handles', asks: ['length', 'handles', 'pull'] },
  { id: 'flat-band', name: 'Flat band', asks: ['length', 'pull'] },
  { id: 'long-loop', name: 'Long loop', asks: ['length', 'pull'] },
  { id: 'mini-loop', name: 'Mini loop', asks: ['length', 'pull'] },
  { id: 'chair', name: 'Chair', asks: ['height', 'mass'] },
  { id: 'stool', name: 'Stool', asks: ['height', 'mass'] },
  { id: 'step', name: 'Step', asks: ['height', 'mass'] },
  { id: 'table', name: 'Table', asks: ['height', 'mass'] },
  { id: 'sofa', name: 'Sofa or bench', asks: ['height', 'mass'] },
  { id: 'pole', name: 'Pole', asks: ['pole'] },
  { id: 'wall', name: 'Clear wall', asks: [] },
  { id: 'towel', name: 'Towel', asks: [] },
  { id: 'mat', name: 'Mat', asks: [] },
  { id: 'half-ball', name: 'Half-ball', asks: [] },
  { id: 'big-ball', name: 'Big ball', asks: [] },
  { id: 'roller', name: 'Roller', asks: [] },
  { id: 'hanging-bar', name: 'Bar on a frame, to hang from', asks: [] },
]

/** The boards of a shelf: what is held, worn, stretched, leaned on. */
export const boards: { name: string; kinds: string[] }[] = [
  { name: 'To hold', kinds: ['dumbbell', 'adjustable-dumbbell', 'kettlebell', 'object', 'pourable', 'barbell'] },
  {
    name: 'To wear and to stretch',
    kinds: ['rucksack', 'vest', 'ankle-weight', 'tube', 'flat-band', 'long-loop', 'mini-loop', 'towel'],
  },
  {
    name: 'To stand, sit and lean on',
    kinds: [
      'chair',
      'stool',
      'step',
      'table',
      'sofa',
      'wall',
      'pole',
      'mat',
      'half-ball',
      'big-ball',
      'roller',
      'hanging-bar',
    ],
  },
]

export const bandKinds = ['tube', 'flat-band', 'long-loop', 'mini-loop']

/** What the check of a support is for. */
export const supportUses: Record<string, [string, string][]> = {
  pole: [['inverted-row', 'hanging under it']],
  table: [
    ['inverted-row', 'hanging under its edge'],
    ['push-up', 'hands on its edge'],
  ],
  chair: [
    ['chair-dip', 'dips on its edge'],
    ['push-up', 'hands on its edge'],
  ],
  stool: [
    ['chair-dip', 'dips on its edge'],
    ['push-up', 'hands on its edge'],
  ],
  sofa: [
    ['chair-dip', 'dips on its edge'],
    ['push-up', 'hands on its edge'],
  ],
  step: [['push-up', 'hands on its edge']],
}

/** What a vessel may hold, with its density. */
export const contents: [string, string][] = [
  ['water', 'water, 1.00 kg/L'],
  ['dry-sand', 'dry sand, 1.60 kg/L'],
  ['gravel', 'gravel, 1.50 kg/L'],
  ['rice', 'rice, 0.85 kg/L'],
  ['table-salt', 'table salt, 1.20 kg/L'],
  ['sugar', 'sugar, 0.85 kg/L'],
  ['potting-compost', 'potting compost, 0.40 kg/L'],
  ['laundry-liquid', 'laundry liquid, 1.03 kg/L'],
]
