import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { allAnswered, api, ApiError, type Trainer } from '../../shared/api'

/** The trainer who is signed in; fresh until they sign out. */
export const meOptions = queryOptions({
  queryKey: ['me'],
  queryFn: () => api.get<Trainer>('me'),
  staleTime: Infinity,
  networkMode: 'always',
  // Without a network there is nobody to ask, and nothing to wait for.
  retry: (times, error) => navigator.onLine && times < 2 && !(error instanceof ApiError && error.status === 401),
})

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async (entered: { email: string; password: string }) => {
      await allAnswered()
      return api.post<Trainer>('sign-in', entered)
    },
    onSuccess: (trainer) => queries.setQueryData(meOptions.queryKey, trainer),
  })
}
