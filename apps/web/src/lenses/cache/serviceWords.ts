import type { ServiceFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** What a job comes to with the devices that it has; empty without any. */
export function serviceWords({
  deviceIds,
  bytes,
  wantedBytes,
  tolerates,
  memoryBytes,
}: ServiceFigure): string {
  if (deviceIds.length === 0) return ''
  const wanted = wantedBytes ? `, ${format.drive(wantedBytes)} wanted` : ''
  const failures =
    deviceIds.length === 1
      ? ''
      : tolerates > 0
        ? `, any ${format.number(tolerates)} of its devices may fail`
        : ', none of its devices may fail without loss of it'
  const memory = memoryBytes > 0 ? `, takes ${format.space(memoryBytes)} of memory` : ''
  return `Holds ${format.drive(bytes)}${wanted}${failures}${memory}.`
}
