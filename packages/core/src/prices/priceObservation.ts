import type { Condition } from '../design/money'

/** What somebody saw that a part costs. */
export interface PriceObservation {
  /** The part of the catalogue. */
  slug: string
  /** The day, as ISO 8601 has it. */
  seenOn: string
  currency: string
  unitMinor: number
  /** Null where nobody has said it. */
  shippingMinor: number | null
  condition: Condition
  shop: string
  link: string
}

/** With shipping as far as it is known: what one piece costs at the door. */
export const atTheDoor = ({ unitMinor, shippingMinor }: PriceObservation): number =>
  unitMinor + (shippingMinor ?? 0)
