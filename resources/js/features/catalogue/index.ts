export { CataloguePage } from './CataloguePage'
export { ExercisePage } from './ExercisePage'
export { catalogueOptions } from './queries'
