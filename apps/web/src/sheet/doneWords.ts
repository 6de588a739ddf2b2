import { format } from '../controls/locale'
import type { ShownFinding, ShownLimit } from './selectors'

/**
 * What is said of a design with nothing left to choose: that it is done and what stays open, or what keeps it from
 * being done.
 */
export function doneWords(
  isDone: boolean,
  findings: readonly Pick<ShownFinding, 'severity'>[],
  limits: readonly Pick<ShownLimit, 'status'>[],
): string {
  const count = (severity: ShownFinding['severity']): number =>
    findings.filter((finding) => finding.severity === severity).length
  if (isDone) {
    const [risks, notes] = [count('risks'), count('note')]
    const open = [
      ...(risks > 0 ? [format.counted(risks, 'risk')] : []),
      ...(notes > 0 ? [format.counted(notes, 'note')] : []),
    ].join(' and ')
    const kept = limits.length > 0 ? ', every limit is kept' : ''
    return `Done: nothing is missing${kept}, nothing blocks.${open ? ` ${open} ${risks + notes === 1 ? 'stays' : 'stay'} open, to know before you buy.` : ''}`
  }
  const blocks = count('blocks')
  const unkept = limits.filter(({ status }) => status !== 'kept').length
  const why = [
    ...(blocks > 0 ? [`${format.counted(blocks, 'finding blocks', 'findings block')} it`] : []),
    ...(unkept > 0
      ? [`${format.counted(unkept, 'limit is', 'limits are')} not sure to be kept`]
      : []),
  ].join(', and ')
  return `All parts are there. Not done yet: ${why}.`
}
