import { AMPS_PER_POWER_PLUG, type PowerPlug } from '../../catalogue/plugs'
import { type PathChoices, sameEnd, sameLead } from '../../design/pathChoices'
import type { PiecesByKind, PieceId } from '../piece'
import type { Gain } from './assignPlugs'
import type { Ends } from './endsOfBlocks'
import type { DriveGroups } from './driveGroups'
import { adapterCost, leadOutlets } from './leadOutlets'
import { type PowerEnd, sumOf } from './powerEnds'
import type { Solver } from '../solver'
import type { Host } from './assignment'
import type { Adapter, SupplyLead } from './supplyLeads'

/** Amperes at 12 V that go through something, against what it is made for. */
export interface Load {
  /** While everything starts at once; null when a data sheet lacks it. */
  startAmps: number | null
  /** At work, all of it counted as if from 12 V; null when a data sheet lacks it. */
  runningAmps: number | null
  ratedAmps: number
}

/** A plug in a drive, a backplane or a card. */
export interface PowerFeed extends Load {
  end: PowerEnd
  leadKey: string
  /** Which adapter of the lead it hangs on, by index; null for a plug of the lead itself. */
  adapter: number | null
  pinned: boolean
}

/** An adapter in use, by the plug that it hangs on. */
export interface AdapterLoad extends Load {
  adapter: Adapter
  plugsUsed: number
}

export interface LeadLoad extends Load {
  lead: SupplyLead
  driveIds: PieceId[]
  adapters: AdapterLoad[]
}

/** What the rail behind the drives' leads of one supply carries. */
export interface RailLoad extends Omit<Load, 'ratedAmps'> {
  supplyId: PieceId
  /** Null where no data sheet gives it. */
  ratedAmps: number | null
}

export interface PowerWiring {
  feeds: PowerFeed[]
  leads: LeadLoad[]
  rails: RailLoad[]
  /** Plugs that no lead feeds. */
  unfed: PowerEnd[]
  /** How much better it could be at most, where there are too many ways to look at all. */
  couldBeBetter: Gain | null
}

/** More spinning drives than this on one lead sag while starting. Common practice, no source. */
export const DRIVES_PER_LEAD = 4

/** What the 12 V wire of a lead carries, 18 AWG as most have. Common practice, no source. */
export const AMPS_PER_LEAD = 10

interface EndsGiven {
  /** Where drives in bays are fed. */
  ofBlocks: Ends<PowerEnd>
  /** Everything else that is fed; the very same list while the pieces are. */
  ofPieces: readonly PowerEnd[]
}

/**
 * Which lead of which supply feeds which drive, backplane or card?
 *
 * Dealt out like data cables. Nothing left without power comes first, then no lead that carries more than it is
 * made for, then own plugs before adapters and adapters of the design before bought ones, then no lead with more
 * drives than it starts without sagging, then fewest leads whose loss alone loses a pool.
 */
export function wirePower(
  { ofBlocks, ofPieces }: EndsGiven,
  leads: readonly SupplyLead[],
  supplies: PiecesByKind['supply'],
  groups: DriveGroups,
  paths: Pick<PathChoices, 'members' | 'leadPins'>,
  solver: Solver,
): PowerWiring {
  const ends = [...ofBlocks.ends, ...ofPieces]
  const from = [leads, ofPieces, ...(supplies ?? []), paths.members, paths.leadPins, ...groups.look]
  return withDrives(
    solver.alike('power leads', from, ofBlocks.look, () =>
      wire(ends, leads, supplies, groups, paths, solver),
    ),
    ends,
  )
}

/** Wiring worked out for plugs that look alike, with the drives that are behind them now. */
function withDrives(wiring: PowerWiring, ends: readonly PowerEnd[]): PowerWiring {
  const endOf = new Map<string, PowerEnd>()
  for (const end of ends) endOf.set(end.key, end)
  const drivesOn = new Map<string, PieceId[]>()
  for (const { lead } of wiring.leads) drivesOn.set(lead.key, [])
  const feeds = wiring.feeds.map((feed) => {
    const end = endOf.get(feed.end.key) ?? feed.end
    const { leadKey, adapter, startAmps, runningAmps, ratedAmps, pinned } = feed
    const onLead = drivesOn.get(leadKey)
    for (const id of end.driveIds) onLead?.push(id)
    return { end, leadKey, adapter, startAmps, runningAmps, ratedAmps, pinned }
  })
  const unfed: PowerEnd[] = []
  for (const { key } of wiring.unfed) {
    const end = endOf.get(key)
    if (end) unfed.push(end)
  }
  return {
    ...wiring,
    feeds,
    leads: wiring.leads.map((load) => ({ ...load, driveIds: drivesOn.get(load.lead.key) ?? [] })),
    unfed,
  }
}

function wire(
  ends: readonly PowerEnd[],
  leads: readonly SupplyLead[],
  supplies: PiecesByKind['supply'],
  groups: DriveGroups,
  { members, leadPins }: Pick<PathChoices, 'members' | 'leadPins'>,
  solver: Solver,
): PowerWiring {
  const pinOf = (end: PowerEnd) => leadPins.find((pin) => sameEnd(pin.end, end.ref))?.lead
  const leadsFor = (plug: PowerPlug): number[] =>
    leads.flatMap((lead, at) => (canFeed(lead, plug) ? [at] : []))
  const possibleFor = {
    'SATA power': leadsFor('SATA power'),
    'peripheral power': leadsFor('peripheral power'),
  }
  const items = ends.map((end) => {
    const pin = pinOf(end)
    const pinnedTo = pin ? leads.findIndex(({ ref }) => sameLead(ref, pin)) : -1
    const possible = possibleFor[end.plug]
    return {
      takes: end.plug === 'SATA power' ? [1, 0] : [0, 1],
      drives: end.driveIds.length,
      groups: groups.ofAll(end.driveIds),
      demands: [end.startAmps ?? 0, end.driveIds.length],
      allowed: possible.includes(pinnedTo) ? [pinnedTo] : possible,
    }
  })
  const { hostOf, couldBeBetter } = solver.assign(items, leads.map(asHost), groups.groups, {
    members,
    order: ['left', { short: 0 }, 'cost', { short: 1 }, 'shared', 'late'],
  })
  const loads = leads.map((lead, at) => {
    const fed = ends.filter((_, index) => hostOf[index] === at)
    return loadOf(lead, fed, (end) => {
      const pin = pinOf(end)
      return pin !== undefined && sameLead(pin, lead.ref)
    })
  })
  return {
    feeds: loads.flatMap(({ feeds }) => feeds),
    leads: loads.map(({ load }) => load),
    rails: (supplies ?? []).map(({ id, dataSheet }) => {
      const own = loads.filter(({ load }) => load.lead.ref.supplyId === id)
      return {
        supplyId: id,
        startAmps: sumOf(own.map(({ load }) => load.startAmps)),
        runningAmps: sumOf(own.map(({ load }) => load.runningAmps)),
        ratedAmps: dataSheet.driveRail12VAmps ?? dataSheet.rated12VAmps,
      }
    }),
    unfed: ends.filter((_, index) => (hostOf[index] ?? null) === null),
    couldBeBetter,
  }
}

const plugCount = (sata: number, peripheral: number): Record<PowerPlug, number> => ({
  'SATA power': sata,
  'peripheral power': peripheral,
})

/** Whether a lead has the plug, or one that an adapter makes it of. */
const canFeed = (lead: SupplyLead, plug: PowerPlug): boolean =>
  leadOutlets(lead, { ...plugCount(0, 0), [plug]: 1 }) !== null

function asHost(lead: SupplyLead, index: number): Host {
  return {
    goneWith: [index],
    most: [AMPS_PER_LEAD, DRIVES_PER_LEAD],
    costs: JSON.stringify([
      lead.plug,
      lead.plugs,
      lead.adapters.map(({ farPlug, nearEnds, farEnds }) => [farPlug, nearEnds, farEnds]),
    ]),
    costOf: ([sata = 0, peripheral = 0]) => {
      const outlets = leadOutlets(lead, plugCount(sata, peripheral))
      return outlets && adapterCost(outlets)
    },
  }
}

/**
 * The plugs of a lead dealt out to what it feeds: own plugs to the heaviest, the rest evenly over the adapters.
 */
function loadOf(
  lead: SupplyLead,
  fed: readonly PowerEnd[],
  isPinned: (end: PowerEnd) => boolean,
): { load: LeadLoad; feeds: PowerFeed[] } {
  const count = (plug: PowerPlug): number => fed.filter((end) => end.plug === plug).length
  const outlets = leadOutlets(lead, plugCount(count('SATA power'), count('peripheral power')))
  const adapters = (outlets?.adapters ?? []).map((adapter) => ({ adapter, ends: [] as PowerEnd[] }))
  const ampsOn = (ends: readonly PowerEnd[]): number =>
    ends.reduce((sum, { startAmps }) => sum + (startAmps ?? 0), 0)
  let ownLeft = outlets?.ownPlugs ?? 0
  const onAdapter = new Map<PowerEnd, number>()
  const heaviestFirst = [...fed].sort((one, other) => ampsFirst(other) - ampsFirst(one))
  for (const end of heaviestFirst) {
    if (end.plug === lead.plug && ownLeft > 0) {
      ownLeft -= 1
      continue
    }
    const [lightest] = adapters
      .map((one, at) => ({ ...one, at }))
      .filter(({ adapter, ends }) => adapter.farPlug === end.plug && ends.length < adapter.farEnds)
      .sort((one, other) => ampsOn(one.ends) - ampsOn(other.ends))
    if (!lightest) continue
    adapters[lightest.at]?.ends.push(end)
    onAdapter.set(end, lightest.at)
  }
  return {
    load: {
      lead,
      driveIds: fed.flatMap(({ driveIds }) => driveIds),
      ...loadsOf(fed),
      ratedAmps: AMPS_PER_LEAD,
      adapters: adapters.map(({ adapter, ends }) => {
        const { ratedAmps } = adapter
        return { adapter, plugsUsed: ends.length, ...loadsOf(ends), ratedAmps }
      }),
    },
    feeds: fed.map((end) => ({
      end,
      leadKey: lead.key,
      adapter: onAdapter.get(end) ?? null,
      startAmps: end.startAmps,
      runningAmps: end.runningAmps,
      ratedAmps: AMPS_PER_POWER_PLUG[end.plug],
      pinned: isPinned(end),
    })),
  }
}

/** What draws an unknown current is taken for the heaviest. */
const ampsFirst = ({ startAmps }: PowerEnd): number => startAmps ?? Number.MAX_VALUE

function loadsOf(ends: readonly PowerEnd[]): Pick<Load, 'startAmps' | 'runningAmps'> {
  return {
    startAmps: sumOf(ends.map(({ startAmps }) => startAmps)),
    runningAmps: sumOf(ends.map(({ runningAmps }) => runningAmps)),
  }
}

/** Whether something carries more than it is made for, while starting or at work, as far as it is known. */
export function isOverloaded({
  startAmps,
  runningAmps,
  ratedAmps,
}: Omit<Load, 'ratedAmps'> & { ratedAmps: number | null }): boolean {
  if (ratedAmps === null) return false
  return Math.max(startAmps ?? 0, runningAmps ?? 0) > ratedAmps
}
