export { MovingFigure } from './MovingFigure'
export { StopMotion } from './StopMotion'
export { boundsOf, limb, poseAt } from './geometry'
