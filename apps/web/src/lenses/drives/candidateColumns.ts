import { type Candidate, CANDIDATE_COLUMNS, type CandidateColumn } from '@flint/core/figures'
import { format } from '../../controls/locale'

interface PileColumn {
  id: CandidateColumn
  title: string
  help: string
  text: (candidate: Candidate) => string
}

/** The columns of the candidates, each with what its head explains. */
export const candidateColumns: readonly PileColumn[] = [
  {
    id: 'workingBytes',
    title: 'Usable space',
    help: 'Space for files below the fill ceiling and without the snapshot reserve',
    text: ({ workingBytes }) => format.space(workingBytes),
  },
  {
    id: 'alwaysSurvived',
    title: 'Survives',
    help: 'Failures that cost no data, whichever drives they are',
    text: ({ alwaysSurvived, beyond }) =>
      `${alwaysSurvived === 0 ? 'none' : `any ${format.number(alwaysSurvived)}`}${beyond === 'failed drives' ? ' *' : ''}`,
  },
  {
    id: 'randomReadsPerSecond',
    title: 'Small reads',
    help: 'A second, from all drives; a first estimate',
    text: ({ randomReadsPerSecond: reads }) =>
      reads === null ? 'not known' : `${format.number(reads)}/s`,
  },
  {
    id: 'streamingBytesPerSecond',
    title: 'One stream',
    help: 'One large file from the start of the drives; a first estimate',
    text: ({ streamingBytesPerSecond: rate }) => (rate === null ? 'not known' : format.rate(rate)),
  },
  {
    id: 'spinningDrives',
    title: 'Drives spinning',
    help: 'Drives that must spin to read one film',
    text: ({ spinningDrives }) => format.number(spinningDrives),
  },
  {
    id: 'growthDrives',
    title: 'Grows by (drives)',
    help: 'The fewest drives to add at a time',
    text: ({ growthDrives }) => format.number(growthDrives),
  },
]

/** The best of the column first; then more space, then the order of the families. What is not known comes last. */
export function sortedBy(candidates: readonly Candidate[], column: CandidateColumn): Candidate[] {
  const sign = CANDIDATE_COLUMNS[column] === 'more' ? -1 : 1
  return [...candidates].sort((one, other) => {
    const [a, b] = [one[column], other[column]]
    if (a === null || b === null) return Number(a === null) - Number(b === null)
    return sign * (a - b) || other.workingBytes - one.workingBytes
  })
}
