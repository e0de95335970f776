import { queryOptions } from '@tanstack/react-query'
import { api, type Ledger } from '../../shared/api'

export const ledgerOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'ledger'],
    queryFn: () => api.get<Ledger>(`clients/${clientId}/ledger`),
  })
