import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { toast } from 'sonner'
import { api, type Programme, type ProgrammeTurn, type StartPreview } from '../../shared/api'

/** What starting a draft would end. */
export const startOptions = (clientId: number, programmeId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'programme-starts', programmeId],
    queryFn: () => api.get<StartPreview>(`clients/${clientId}/programmes/${programmeId}/start`),
    staleTime: 0,
  })

export interface Away {
  from: string
  until: string
}

/** Starts, stops and pauses a programme and lets it go on; each says what it did and can be taken back whole. */
export function useRunning(clientId: number, programmeId: number) {
  const queries = useQueryClient()
  const fresh = () => queries.invalidateQueries()
  const takeBack = useMutation({
    mutationFn: (turn: ProgrammeTurn) => api.delete<void>(`programmes/${turn.programmeId}/turns/${turn.id}`),
    onSuccess: () => {
      toast('It is as it was before')
      return fresh()
    },
    onError: (error) => toast.error(error.message),
  })
  const say = (words: string, turn: ProgrammeTurn | null) =>
    toast(words, turn === null ? {} : { action: { label: 'Undo', onClick: () => takeBack.mutate(turn) } })
  const start = useMutation({
    mutationFn: (ends: string | null) =>
      api.post<Programme>(`clients/${clientId}/programmes/${programmeId}/start`, { ends }),
    onSuccess: (programme) => {
      say(`${programme.name} is started`, programme.lastTurn)
      return fresh()
    },
  })
  const stop = useMutation({
    mutationFn: (lastDay: string) => api.post<ProgrammeTurn>(`programmes/${programmeId}/stop`, { lastDay }),
    onSuccess: (turn) => {
      say('It is stopped', turn)
      return fresh()
    },
  })
  const pause = useMutation({
    mutationFn: (away: Away) => api.post<ProgrammeTurn>(`programmes/${programmeId}/pause`, away),
    onSuccess: (turn) => {
      say('The pause is noted', turn)
      return fresh()
    },
  })
  const goOn = useMutation({
    mutationFn: () => api.post<ProgrammeTurn>(`programmes/${programmeId}/go-on`, {}),
    onSuccess: (turn) => {
      say('It goes on', turn)
      return fresh()
    },
  })
  return { start, stop, pause, goOn, takeBack }
}
