import { queryOptions, type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { api, type Trainer } from '../../shared/api'

/** The trainer who is signed in; fresh until they sign out. */
export const meOptions = queryOptions({
  queryKey: ['me'],
  queryFn: () => api.get<Trainer>('me'),
  staleTime: Infinity,
})

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (entered: { email: string; password: string }) => api.post<Trainer>('sign-in', entered),
    onSuccess: (trainer) => queries.setQueryData(meOptions.queryKey, trainer),
  })
}

/** Waits, three seconds at most, until nothing is being fetched: an answer that comes after signing out would sign in again. */
async function allQuiet(queries: QueryClient): Promise<void> {
  for (let i = 0; i < 60 && queries.isFetching() > 0; i++) {
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

export function useSignOut() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  return useMutation({
    mutationFn: async () => {
      await allQuiet(queries)
      await api.delete<void>('sign-in')
    },
    onSettled: () => {
      queries.clear()
      void navigate('/sign-in')
    },
  })
}
