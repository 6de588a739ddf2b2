import { type Lack, found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'
import type { MissingCables } from '../../machine/wiring/missingCables'

interface Facts {
  cables: MissingCables['kinds']
  wanted: number
}

/**
 * Cables with plugs of four lanes that are in no box and not in the design.
 *
 * Plain SATA cables come with boards and cost little; the cable list has them, this rule does not.
 */
export const cablesMissing: Rule<'cables-missing', Facts> = {
  code: 'cables-missing',
  step: 'paths',
  find: ({ missingCables }) => {
    const { withoutPlugIds, unsureIds, boxNotKnownIds, hostIds, kinds, wanted } = missingCables
    const lacks = (ids: readonly PieceId[], field: Parameters<typeof missingOf>[1]): Lack[] =>
      ids.length === 0
        ? []
        : [
            lack(
              ids.flatMap((id) => missingOf({ id }, field)),
              { partIds: ids },
            ),
          ]
    const isUnsure = boxNotKnownIds.length > 0 || unsureIds.length > 0
    return [
      ...lacks(withoutPlugIds, 'portPlug'),
      ...lacks(unsureIds, 'direction'),
      ...lacks(boxNotKnownIds, 'cablesIncluded'),
      ...(kinds.length > 0 && !isUnsure
        ? [found('risks', { partIds: hostIds }, { cables: kinds, wanted })]
        : []),
    ]
  },
  sentence: ({ cables }, { format }) => {
    const count = cables.reduce((sum, one) => sum + one.count, 0)
    return `${format.counted(count, 'cable is', 'cables are')} in no box and not in the design: ${cables.map(({ count: some, which }) => `${some} × ${which}`).join(', ')}.`
  },
  question: 'whether there are cables for the drives',
}
