import { DRIVE_RAIL_VOLTS } from '../catalogue/plugs'
import { wattsOf } from '../catalogue/wattsOf'
import type { SpinUp } from '../design/design'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { Load, PowerWiring } from '../machine/wiring/wirePower'
import { type StartGroup, startGroups } from './startGroups'

/**
 * What plugs, adapters, leads and rails carry while the drives start as they are let: what is starting together at the
 * worst moment, and the others at work, all of it counted as if from 12 V as the wiring counts it.
 *
 * @param groups which drives start when, where it is at hand
 * @returns as the machine has it where all start together
 */
export function stagedWiring(
  machine: Machine,
  spinUp: SpinUp | null,
  groups: readonly StartGroup[] = startGroups(machine, spinUp),
): PowerWiring | null {
  const { power } = machine.wiring
  if (!power || groups.length < 2) return power
  const groupOf = new Map<PieceId, number>(
    groups.flatMap(({ drives }, at) => drives.map(({ id }): [PieceId, number] => [id, at])),
  )
  const staged = <Some extends Omit<Load, 'ratedAmps'>>(
    load: Some,
    driveIds: readonly PieceId[],
  ): Some =>
    load.startAmps === null
      ? load
      : { ...load, startAmps: load.startAmps - sparedAmps(machine, driveIds, groupOf) }
  const drivesOn = (leadKey: string, adapter?: number): PieceId[] =>
    power.feeds
      .filter(
        (feed) => feed.leadKey === leadKey && (adapter === undefined || feed.adapter === adapter),
      )
      .flatMap(({ end }) => end.driveIds)
  return {
    ...power,
    feeds: power.feeds.map((feed) => staged(feed, feed.end.driveIds)),
    leads: power.leads.map((lead) => ({
      ...staged(lead, lead.driveIds),
      adapters: lead.adapters.map((one, at) => staged(one, drivesOn(lead.lead.key, at))),
    })),
    rails: power.rails.map((rail) =>
      staged(
        rail,
        power.leads
          .filter(({ lead }) => lead.ref.supplyId === rail.supplyId)
          .flatMap(({ driveIds }) => driveIds),
      ),
    ),
  }
}

/** What the drives of one thing take less at its worst moment than if all of them started together. */
function sparedAmps(
  machine: Machine,
  driveIds: readonly PieceId[],
  groupOf: ReadonlyMap<PieceId, number>,
): number {
  const extra = new Map<number, number>()
  let together = 0
  for (const id of driveIds) {
    const drive = machine.pieces.get(id)
    if (drive?.dataSheet.kind !== 'drive') continue
    const starts = drive.dataSheet.start12VAmps ?? 0
    const atWork = (wattsOf(drive.dataSheet, 'busy') ?? 0) / DRIVE_RAIL_VOLTS
    const more = Math.max(0, starts - atWork)
    const group = groupOf.get(id) ?? 0
    extra.set(group, (extra.get(group) ?? 0) + more)
    together += more
  }
  return together - Math.max(0, ...extra.values())
}
