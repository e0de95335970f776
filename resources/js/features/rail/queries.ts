import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, type Rail, type RailDetail } from '../../shared/api'

export const railOptions = (clientId: number, pattern: string) =>
  queryOptions({
    queryKey: ['clients', clientId, 'rail', pattern],
    queryFn: () => api.get<Rail>(`clients/${clientId}/rail/${pattern}`),
    placeholderData: keepPreviousData,
  })

export const rungOptions = (clientId: number, pattern: string, key: string | null) =>
  queryOptions({
    queryKey: ['clients', clientId, 'rail', pattern, key],
    queryFn: () => api.get<RailDetail>(`clients/${clientId}/rail/${pattern}/${key ?? ''}`),
    enabled: key !== null,
    placeholderData: keepPreviousData,
  })
