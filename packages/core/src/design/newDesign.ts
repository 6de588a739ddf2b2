import type { CataloguePart } from '../catalogue/partKinds'
import { NO_AIR_CHOICES } from './air'
import { NO_BENCH_NOTES } from './bench'
import { EMPTY_BRIEF } from './brief'
import { DESIGN_FORMAT, DESIGN_VERSION, type Design } from './design'
import { NO_MONEY_CHOICES } from './money'
import { NO_CHOICES } from './pathChoices'
import { NO_NETWORK_CHOICES } from './networkChoices'
import { fitPart } from './edits/fitPart'
import { NO_TENANTS } from './tenants'
import { DEFAULT_HOUSE_RULES } from './houseRules'

/** A design with these parts and nothing else: no drives, no pool, an open brief. */
export function newDesign(name: string, parts: readonly CataloguePart[] = []): Design {
  const empty: Design = {
    format: DESIGN_FORMAT,
    version: DESIGN_VERSION,
    name: name.trim() || 'Untitled',
    notes: '',
    brief: EMPTY_BRIEF,
    houseRules: DEFAULT_HOUSE_RULES,
    snapshots: [],
    fitted: [],
    pools: [],
    paths: NO_CHOICES,
    tenants: NO_TENANTS,
    services: [],
    network: NO_NETWORK_CHOICES,
    air: NO_AIR_CHOICES,
    spinUp: null,
    money: NO_MONEY_CHOICES,
    bench: NO_BENCH_NOTES,
  }
  return parts.reduce(fitPart, empty)
}
