import { useDraggable } from '@dnd-kit/core'
import { GripVertical } from 'lucide-react'

/** What is dragged: a slot of the week, or an exercise that is to become one. */
export interface Dragged {
  name: string
  weekday?: number
  slot?: string
  exercise?: string
  setting?: Record<string, unknown>
}

/** The handle something is dragged by; the keyboard has keys of its own for it. */
export function Grip({ id, dragged }: { id: string; dragged: Dragged }) {
  const { setNodeRef, listeners } = useDraggable({ id, data: dragged })
  return (
    <span
      ref={setNodeRef}
      {...listeners}
      className="grip"
      data-grip={id}
      aria-hidden="true"
      title="Drag it to its place"
    >
      <GripVertical className="size-4" />
    </span>
  )
}
