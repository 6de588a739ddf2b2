import type { CableNeed } from './cableList'

/** A cable in words: "SFF-8643 to 4 SATA, wired controller to drives". */
export function cableWords({ nearPlug, nearEnds, farPlug, farEnds, direction }: CableNeed): string {
  const end = (plug: string | null, ends: number): string =>
    `${ends > 1 ? `${ends} ` : ''}${plug ?? 'a plug not known'}`
  const way = direction === 'either' ? '' : `, wired ${direction}`
  return `${end(nearPlug, nearEnds)} to ${end(farPlug, farEnds)}${way}`
}
