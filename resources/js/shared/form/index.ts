export { between, clockTime, day, maybeBetween, needed, optional } from './fields'
export { useEntry, type FieldOf } from './useEntry'
