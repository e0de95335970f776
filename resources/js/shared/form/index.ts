export { between, clockTime, day, maybeBetween, needed, optional } from './fields'
export { FormEnd } from './FormEnd'
export { useEntry, type FieldOf } from './useEntry'
