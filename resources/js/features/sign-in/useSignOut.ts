import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { allAnswered, api } from '../../shared/api'
import { forgetTrainer } from '../floor/device/trainer'

export function useSignOut() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  return useMutation({
    mutationFn: async () => {
      await allAnswered()
      await api.delete<void>('sign-in')
      await forgetTrainer()
    },
    onSettled: () => {
      queries.clear()
      void navigate('/sign-in')
    },
  })
}
