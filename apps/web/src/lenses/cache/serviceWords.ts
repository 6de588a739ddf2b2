import { readsSpared, type ServiceFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** What a job comes to with the devices that it has; empty without any. */
export function serviceWords(figure: ServiceFigure): string {
  const { deviceIds, bytes, wantedBytes, tolerates, memoryBytes } = figure
  if (deviceIds.length === 0) return ''
  const wanted = wantedBytes ? `, ${format.drive(wantedBytes)} wanted` : ''
  const failures =
    deviceIds.length === 1
      ? ''
      : tolerates > 0
        ? `, any ${format.number(tolerates)} of its devices may fail`
        : ', none of its devices may fail without loss of it'
  const memory = memoryBytes > 0 ? `, takes ${format.space(memoryBytes)} of memory` : ''
  return [
    `Holds ${format.drive(bytes)}${wanted}${failures}${memory}.`,
    strandedWords(figure),
    waitWords(figure),
    hitWords(figure),
    asleepWords(figure),
  ]
    .filter((sentence) => sentence !== '')
    .join(' ')
}

function strandedWords({ strandedBytes, isImplied }: ServiceFigure): string {
  if (strandedBytes === 0 || isImplied) return ''
  return `The smaller of its mirrored devices counts: ${format.drive(strandedBytes)} of the larger ones holds nothing.`
}

/** How long a small write waits: microseconds, from a thousand on milliseconds. */
export function waitText(microseconds: number): string {
  return microseconds < 1_000
    ? `${format.number(microseconds)} µs`
    : `${format.number(microseconds / 1_000, 1)} ms`
}

function waitWords({ waitMicroseconds: wait }: ServiceFigure): string {
  if (!wait) return ''
  const { low, likely, high } = wait
  const about = `A small write waits about ${waitText(likely)}`
  return low === high ? `${about}.` : `${about} (${waitText(low)} to ${waitText(high)}).`
}

function hitWords({ service: { hitShare } }: ServiceFigure): string {
  if (hitShare === null || hitShare === 0) return ''
  const times = readsSpared(hitShare)
  const found = `If ${format.percent(hitShare)} is found in it`
  return times === Infinity
    ? `${found}, the drives are not read at all.`
    : `${found}, the drives serve ${format.number(times, 1)} times as many reads.`
}

function asleepWords({ asleepHours }: ServiceFigure): string {
  if (asleepHours === null) return ''
  return `While nobody reads from the disks they sleep up to ${format.number(asleepHours, 1)} hours of a day.`
}
