import { zodResolver } from '@hookform/resolvers/zod'
import { useEffect, useRef } from 'react'
import { useForm, useWatch, type DefaultValues, type FieldValues, type Path, type PathValue } from 'react-hook-form'
import { useQueryClient } from '@tanstack/react-query'
import type { z } from 'zod'
import { ApiError } from '../api'
import { dropDraft, keepDraft, keptDraft } from './drafts'

interface EntryOptions<T extends FieldValues> {
  /** What can be said of it before it is sent; the server has the last word. */
  schema: z.ZodType<T, T>
  initial: T
  /** Names what is half-typed; null where nothing is kept, as of passwords. */
  draft: string | null
  /** True where it must not lie on the device in plain words. */
  isSecret?: boolean
  /** Sends it; what is wrong with a field is thrown as an `ApiError`. */
  send: (entered: T) => Promise<unknown>
  onSent?: (entered: T) => void
  /** A field by the name the server has for it, where that is another. */
  fieldOf?: (name: string) => string
}

/** What a field needs to be shown. */
export interface FieldOf {
  value: string
  onChange: (value: string) => void
  error: string | undefined
  required: boolean
}

const firstWrong = '[aria-invalid="true"]'

/**
 * One form: what is entered, what is needed, what is wrong with it, half-typed text that waits, and where the focus goes
 * when it cannot be sent.
 */
export function useEntry<T extends FieldValues>(options: EntryOptions<T>) {
  const { schema, initial, draft, isSecret = false, fieldOf = (name) => name } = options
  const whose = useQueryClient().getQueryData<{ id: number }>(['me'])?.id ?? 'nobody'
  const kept = draft === null ? null : keptDraft<T>(whose, draft)
  const form = useForm<T>({
    resolver: zodResolver(schema),
    defaultValues: { ...initial, ...kept } as DefaultValues<T>,
    shouldFocusError: false,
  })
  const entered = useWatch({ control: form.control }) as T
  const shape = (schema as unknown as { shape?: Record<string, z.ZodType> }).shape
  const element = useRef<HTMLFormElement>(null)
  const { errors, isSubmitting, submitCount } = form.formState
  const count = Object.keys(errors).length
  useEffect(() => {
    // At each try and not at each letter: whoever is putting the first one right is not led on to the next.
    if (submitCount > 0) element.current?.querySelector<HTMLElement>(firstWrong)?.focus()
  }, [submitCount])

  const set = <N extends Path<T>>(name: N, value: PathValue<T, N>) => {
    form.setValue(name, value, { shouldDirty: true })
    form.clearErrors(name)
    form.clearErrors('root')
    if (draft !== null) keepDraft(whose, draft, { ...form.getValues(), [name]: value }, isSecret)
  }
  const forget = () => {
    if (draft !== null) dropDraft(whose, draft)
    form.reset(initial as DefaultValues<T>)
  }
  const sendIt = async (what: T) => {
    try {
      await options.send(what)
    } catch (error) {
      const wrong = error instanceof Error ? error : new Error('It could not be sent.')
      const fields = wrong instanceof ApiError && wrong.status === 422 ? wrong.errors : {}
      for (const [name, messages] of Object.entries(fields)) {
        form.setError(fieldOf(name) as Path<T>, { message: messages[0] ?? '' })
      }
      form.setError('root', {
        message:
          Object.keys(fields).length > 0 ? 'Look at what is marked; nothing you entered is lost.' : wrong.message,
      })
      return
    }
    if (draft !== null) dropDraft(whose, draft)
    options.onSent?.(what)
  }
  const messageOf = (name: string): string | undefined => {
    const wrong = name
      .split('.')
      .reduce<unknown>((at, part) => (at as Record<string, unknown> | undefined)?.[part], errors)
    const message = (wrong as { message?: unknown } | undefined)?.message
    return typeof message === 'string' && message !== '' ? message : undefined
  }
  return {
    entered,
    set,
    forget,
    /** True where something half-typed was found. */
    hasDraft: kept !== null,
    isSending: isSubmitting,
    /** Of the form as a whole; the fields say the rest. */
    problem: errors.root?.message ?? (count > 0 ? 'Look at what is marked; nothing you entered is lost.' : null),
    messageOf,
    field: (name: Path<T>): FieldOf => ({
      value: String((entered as Record<string, unknown>)[name] ?? ''),
      onChange: (value) => set(name, value as PathValue<T, Path<T>>),
      error: messageOf(name),
      required: shape?.[name]?.safeParse('').success === false,
    }),
    form: {
      ref: element,
      noValidate: true,
      onSubmit: (event: React.FormEvent) => void form.handleSubmit(sendIt)(event),
    },
  }
}
