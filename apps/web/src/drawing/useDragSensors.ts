import {
  MouseSensor,
  type SensorDescriptor,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'

/** A press that does not move is a click. */
const FIRST_PX = 5
/** A finger that rests so long takes the thing along; one that moves before scrolls. */
const REST_MS = 250
const REST_PX = 8

/** How things on a drawing are dragged, by mouse and by finger. */
export function useDragSensors(): SensorDescriptor<object>[] {
  return useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: FIRST_PX } }),
    useSensor(TouchSensor, { activationConstraint: { delay: REST_MS, tolerance: REST_PX } }),
  )
}
