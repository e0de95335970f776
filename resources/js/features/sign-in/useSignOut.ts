import { useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { api } from '../../shared/api'
import { forgetTrainer } from '../floor/device/trainer'

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
      await forgetTrainer()
    },
    onSettled: () => {
      queries.clear()
      void navigate('/sign-in')
    },
  })
}
