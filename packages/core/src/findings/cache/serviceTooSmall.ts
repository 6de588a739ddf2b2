import { found } from '../../judging/finding'
import type { ServiceRole } from '../../design/services'
import type { Rule } from '../../judging/rule'

interface Facts {
  role: ServiceRole
  bytes: number
  wantedBytes: number
}

/** A write log, a metadata device or a fast tier that holds less than its work asks for. */
export const serviceTooSmall: Rule<'service-too-small', Facts> = {
  code: 'service-too-small',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service, deviceIds, bytes, wantedBytes }) => {
      if (wantedBytes === null || bytes >= wantedBytes || deviceIds.length === 0) return []
      return found('risks', { partIds: deviceIds }, { role: service.role, bytes, wantedBytes })
    }),
  sentence: ({ role, bytes, wantedBytes }, { format }) => {
    const [has, wanted] = format.apart(bytes, wantedBytes, format.space, 1)
    return `The ${role} has ${has}; ${WHY[role] ?? 'it wants'} ${wanted}.`
  },
}

/** Of the roles that want a size. */
const WHY: Partial<Record<ServiceRole, string>> = {
  'write log': 'what can come in between flushes is',
  metadata: 'the files of the brief make about',
  'fast tier': 'the largest usual file, or what arrives until files are moved on, is',
}
