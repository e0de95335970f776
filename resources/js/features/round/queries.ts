import { queryOptions } from '@tanstack/react-query'
import { api, type Round } from '../../shared/api'

/** One day's visits; an empty date means today. */
export const roundOptions = (date: string) =>
  queryOptions({
    queryKey: ['round', date],
    queryFn: () => api.get<Round>(date === '' ? 'round' : `round?date=${date}`),
  })
