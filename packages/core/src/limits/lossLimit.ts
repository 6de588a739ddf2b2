import { type Limit, statusOf } from '../judging/limit'

/** How much of the newest work is gone when the machine is lost: all since the last second copy. */
export const lossLimit: Limit = ({ design }, format) => {
  const { brief } = design
  const { lossHoursTolerated, secondCopy, secondCopyEveryHours } = brief
  if (lossHoursTolerated === null) return null
  const none = secondCopy.trim() === ''
  const standing = none
    ? 'missed'
    : statusOf(secondCopyEveryHours, (hours) => hours <= lossHoursTolerated)
  const hours = secondCopyEveryHours ?? 0
  return {
    id: 'loss',
    title: 'Lost with the machine',
    standing,
    wanted: `at most ${format.number(lossHoursTolerated, 1)} h of work`,
    has: none
      ? 'everything'
      : secondCopyEveryHours === null
        ? 'not known'
        : `up to ${format.number(hours, 1)} h`,
    // That there is no second copy at all is said by a rule of its own.
    finding:
      none || standing === 'kept'
        ? null
        : {
            code: standing === 'missed' ? 'loss-too-large' : 'loss-too-large-not-known',
            severity: standing === 'missed' ? 'risks' : 'note',
            step: 'brief',
            partIds: [],
            groupIds: [],
            sentence:
              standing === 'missed'
                ? `The second copy is made every ${format.number(hours, 1)} hours, so fire, theft or a wrong delete can take that much work; the brief tolerates ${format.number(lossHoursTolerated, 1)}.`
                : 'Not known how much work a fire or a theft takes: the brief does not say how often the second copy is made.',
            numbers: { lossHoursTolerated },
          },
  }
}
