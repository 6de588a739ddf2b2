import type { ServiceRole } from '../../design/services'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  role: ServiceRole
  devices: number
}

/** Mirrored flash of one model takes the same writes, so it may wear out together. Common practice, no source. */
export const mirrorOfEquals: Rule<'mirror-of-equals', Facts> = {
  code: 'mirror-of-equals',
  step: 'cache',
  find: ({ services: { services }, machine }) =>
    services.flatMap(
      ({ service: { role }, deviceIds, tolerates, writtenBytesPerDay, isImplied }) => {
        if (isImplied || tolerates === 0 || writtenBytesPerDay === 0) return []
        const models = new Set(deviceIds.map((id) => machine.pieces.get(id)?.dataSheet.model))
        return models.size > 1
          ? []
          : found('note', { partIds: deviceIds }, { role, devices: deviceIds.length })
      },
    ),
  sentence: ({ role, devices }, { format }) =>
    `All ${format.counted(devices, 'device')} of the ${role} are of one model and take the same writes, so they may wear out together: two makers, or one that is older, do not.`,
}
