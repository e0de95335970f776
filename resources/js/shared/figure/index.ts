export { MovingFigure } from './MovingFigure'
export { boundsOf, limb, poseAt } from './geometry'
