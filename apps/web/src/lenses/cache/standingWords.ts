import type { PoolStanding, PoolWish } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** What a pool is for, as its row says it; empty where nothing was placed on it. */
export const rolesWords = ({ roles }: PoolStanding): string => roles.join(', ')

const MARKS: Record<PoolWish['status'], string> = {
  kept: '',
  missed: '△ ',
  'may be missed': '△ ',
  'not known': '? ',
}

/** How a pool stands to one wish; a dash where the brief has none, or where it does not concern the pool. */
function wishWords(wish: PoolWish | null, write: (value: number) => string): string {
  if (!wish) return '–'
  const isOpen = wish.has.missing.length > 0
  return `${MARKS[wish.status]}${isOpen ? 'not known' : write(wish.has.likely)}`
}

/** The bound of a wish, so that a figure beside it is written apart from it. */
const boundOf = ({ bound }: PoolWish): number => ('most' in bound ? bound.most : bound.least)

export function failuresWords({ failures }: PoolStanding): string {
  return wishWords(failures, (survived) =>
    survived === 0 ? 'none' : `any ${format.number(survived)}`,
  )
}

export function outageWords({ outage }: PoolStanding): string {
  return wishWords(outage, (hours) => {
    if (hours === 0) return 'runs on'
    const [text] = format.apart(hours, outage ? boundOf(outage) : hours, format.number, 1)
    return `${text} h away`
  })
}

export function readersWords({ readers }: PoolStanding): string {
  return wishWords(readers, (rate) => {
    const [text] = format.apart(rate, readers ? boundOf(readers) : rate, format.rate)
    return text
  })
}

/** What is placed on a pool against what it has room for. */
export function placedWords({ space, roles }: PoolStanding): string {
  if (roles.includes('scratch')) return 'scratch'
  if (!space) return 'nothing'
  const [wanted] = format.apart(boundOf(space), space.has.likely, format.space, 1)
  return `${MARKS[space.status]}${wanted}`
}
