import type { Candidate } from '../../shared/api'

/** One exercise that could stand in, with the settings the shelf has for it; the best one first. */
export interface Group {
  exercise: string
  best: Candidate
  others: Candidate[]
}

/** Candidates by exercise, in the order of the best of each; within one, in theirs. */
export function byExercise(candidates: Candidate[]): Group[] {
  const groups = new Map<string, Group>()
  for (const candidate of candidates) {
    const group = groups.get(candidate.exercise)
    if (group === undefined)
      groups.set(candidate.exercise, { exercise: candidate.exercise, best: candidate, others: [] })
    else group.others.push(candidate)
  }
  return [...groups.values()]
}

/** What stands in the list: the best of each exercise, and the other settings of those that are opened. */
export const listedOf = (groups: Group[], isOpen: (group: Group) => boolean): Candidate[] =>
  groups.flatMap((group) => [group.best, ...(isOpen(group) ? group.others : [])])
