import { queryOptions } from '@tanstack/react-query'
import { keptRound } from '../floor/queries'

/** One day's visits; an empty date means today. */
export const roundOptions = (date: string) =>
  queryOptions({
    queryKey: ['round', date],
    queryFn: () => keptRound(date),
  })
