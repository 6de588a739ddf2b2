import { AMPS_PER_POWER_PLUG } from '../../catalogue/plugs'
import type { PathChoices } from '../pathChoices'
import { dealOut } from './dealOut'
import type { BornSet, Host, Item } from './hands'
import type { PowerEnd } from './powerEnds'
import { ADAPTER_AMPS, type SupplyLead } from './supplyLeads'

/** A plug of a lead in a drive or a backplane. */
export interface PowerFeed {
  end: PowerEnd
  lead: SupplyLead
  /** What its drives draw at 12 V while all start; null when a data sheet lacks it. */
  startAmps: number | null
  ratedAmps: number
  pinned: boolean
}

export interface LeadLoad {
  lead: SupplyLead
  driveIds: string[]
  startAmps: number | null
  /** Adapters that are still to be bought for it: one four-pole plug to so many SATA ones. */
  adaptersWanted: number
  /**
   * The most that one adapter's four-pole plug carries while all start, when every adapter is full;
   * null without adapters or when a data sheet lacks a current.
   */
  adapterAmps: number | null
  /** Drives' plugs on adapters. */
  onAdapters: number
}

export interface PowerWiring {
  feeds: PowerFeed[]
  leads: LeadLoad[]
  /** Plugs that no lead feeds. */
  unfed: PowerEnd[]
  isBest: boolean
}

/**
 * SATA plugs wanted of an adapter on one four-pole plug: two 3.5" drives starting at under 2 A each stay within
 * the 5 A of its contact, four do not.
 */
export const PLUGS_PER_ADAPTER = 2

/** More spinning drives than this on one lead sag while starting. Common practice, no source. */
export const DRIVES_PER_LEAD = 4

/**
 * Which lead of the supply feeds which drive or backplane?
 *
 * Dealt out like data cables: nothing left without power, then no lead with more drives than it starts
 * without sagging, then members of a group on different leads as far as that helps, then fewest adapters.
 */
export function wirePower(
  ends: readonly PowerEnd[],
  leads: readonly SupplyLead[],
  sets: readonly BornSet[],
  { members, leadPins }: Pick<PathChoices, 'members' | 'leadPins'>,
): PowerWiring {
  const pinOf = new Map(leadPins.map(({ end, lead }) => [end, lead]))
  const items = ends.map((end): Item => {
    const pinned = leads.flatMap(({ id }, index) => (id === pinOf.get(end.id) ? [index] : []))
    const driveIds = drivesOf(end)
    return {
      takes: end.plug === 'SATA power' ? [1, 0] : [0, 1],
      // A plug of a backplane without a drive behind it is wanted too, if less.
      driveIds,
      demand: driveIds.length,
      allowed:
        pinned.length > 0 ? pinned : leads.flatMap((lead, at) => (canFeed(lead, end) ? [at] : [])),
    }
  })
  const hosts = leads.map(({ plugs }, index): Host => {
    return {
      goneWith: [index],
      most: DRIVES_PER_LEAD,
      costOf: ([sata = 0, peripheral = 0]) => {
        const adapters = adaptersFor(sata, plugs['SATA power'])
        return plugs['peripheral power'] >= peripheral + adapters ? adapters : null
      },
    }
  })
  const { hostOf, isBest } = dealOut(items, hosts, sets, { members, loadFirst: true })
  const feeds = ends.flatMap((end, index): PowerFeed[] => {
    const lead = leads[hostOf[index] ?? -1]
    if (!lead) return []
    return [
      {
        end,
        lead,
        startAmps: startAmpsOf(end),
        ratedAmps: AMPS_PER_POWER_PLUG[end.plug],
        pinned: pinOf.get(end.id) === lead.id,
      },
    ]
  })
  return {
    feeds,
    leads: leads.map((lead) =>
      loadOf(
        lead,
        feeds.filter((feed) => feed.lead === lead),
      ),
    ),
    unfed: ends.filter((_, index) => hostOf[index] === null),
    isBest,
  }
}

/** Whether a lead has the plug, or one that an adapter makes it of. */
const canFeed = ({ plugs }: SupplyLead, { plug }: PowerEnd): boolean =>
  plugs[plug] > 0 || (plug === 'SATA power' && plugs['peripheral power'] > 0)

const adaptersFor = (wanted: number, there: number): number =>
  Math.ceil(Math.max(0, wanted - there) / PLUGS_PER_ADAPTER)

function loadOf(lead: SupplyLead, feeds: readonly PowerFeed[]): LeadLoad {
  const sata = feeds.filter(({ end }) => end.plug === 'SATA power')
  const adaptersWanted = adaptersFor(sata.length, lead.plugs['SATA power'])
  const perAdapter = [
    ...lead.adapters.map(({ plugs }) => plugs),
    ...Array<number>(adaptersWanted).fill(PLUGS_PER_ADAPTER),
  ]
  const own = lead.plugs['SATA power'] - lead.adapters.reduce((sum, { plugs }) => sum + plugs, 0)
  // Plugs of the lead itself are used before those of its adapters.
  const onAdapters = sata.map(({ startAmps }) => startAmps).slice(Math.max(0, own))
  const most = Math.max(0, ...perAdapter)
  const heaviest = [...onAdapters]
    .sort((one, other) => (other ?? Infinity) - (one ?? Infinity))
    .slice(0, most)
  return {
    lead,
    driveIds: feeds.flatMap(({ end }) => drivesOf(end)),
    startAmps: sumOf(feeds.map(({ startAmps }) => startAmps)),
    adaptersWanted,
    onAdapters: perAdapter.length > 0 ? onAdapters.length : 0,
    adapterAmps: perAdapter.length > 0 && onAdapters.length > 0 ? sumOf(heaviest) : null,
  }
}

/** Whether a plug, or an adapter of a lead, carries more than it is made for. */
export function isOverloaded({ adapterAmps }: LeadLoad): boolean {
  return adapterAmps !== null && adapterAmps > ADAPTER_AMPS
}

const drivesOf = ({ bays }: PowerEnd): string[] => bays.flatMap(({ drive }) => drive?.part.id ?? [])

function startAmpsOf({ bays }: PowerEnd): number | null {
  return sumOf(bays.flatMap(({ drive }) => (drive ? [drive.sheet.start12VAmps] : [])))
}

function sumOf(amps: readonly (number | null)[]): number | null {
  return amps.reduce<number | null>(
    (sum, one) => (sum === null || one === null ? null : sum + one),
    0,
  )
}
