import type { Design, Pool } from '../design/design'
import type { Machine } from '../machine/machine'
import { type ServiceFigure, servicesFigure } from '../services/servicesFigure'
import { MIB } from '../units/bytes'
import { deviceNames, oneLine } from './deviceNames'
import { type PathOf, poolCommands } from './poolCommands'

/**
 * The commands that make the pools of a design, as a shell script to read, fill in and then run.
 *
 * It names no disk: every path is a variable that is empty, and the script ends before its first command until all of
 * them name something that is there. Where a device serves more than one pool, or only a part of it is used, the
 * partitions that the commands assume are said before them.
 */
export function poolScript(design: Design, machine: Machine): string {
  const figure = servicesFigure(design, machine)
  const devices = deviceNames(design, machine, figure)
  const variableOf = new Map(devices.map(({ pieceId, variable }) => [pieceId, variable]))
  const partOf = partitionNumbers(figure.devices)
  const pathOf: PathOf = (pieceId, serviceId) => {
    const part = serviceId === undefined ? undefined : partOf.get(`${pieceId} ${serviceId}`)
    const name = variableOf.get(pieceId) ?? 'MISSING'
    return part === undefined ? `"$${name}"` : `"$\{${name}}-part${part}"`
  }
  const servesPool = (poolId: string): ServiceFigure[] =>
    figure.services.filter(({ pool }) => pool?.id === poolId)
  const partitions = partitionLines(figure.devices, variableOf)
  const firstPool = partitions.length > 0 ? 3 : 2
  const lines = [
    '#!/bin/sh',
    `# The pools of ${oneLine(design.name)}. Read all of this before you run any of it.`,
    '#',
    '# These commands destroy whatever is on the drives that you name. Nothing is asked again.',
    '# Redundancy is not a backup: have the second copy before you begin.',
    '# Prove new drives first: a full write and a full read, SMART before and after.',
    '# Drives that were in a pool or an array before are not taken until they are wiped: "wipefs" shows what is on them.',
    'set -eu',
    '',
    '# 1. Fill in the path of each, as it stands in /dev/disk/by-id. Compare the end of the serial number with the label.',
    ...devices.map(({ variable, words }) => `${variable}='' # ${words}`),
    '',
    '# Until all of them name something that is there, it ends here.',
    `for device in ${devices.map(({ variable }) => `"$${variable}"`).join(' ')}; do`,
    '  if [ ! -e "$device" ]; then',
    '    echo "A path is empty or names nothing: fill in all of them." >&2',
    '    exit 1',
    '  fi',
    'done',
    '',
    ...partitions,
    ...design.pools.flatMap((pool, index) => {
      const { comments, commands } = poolCommands(pool, servesPool(pool.id), pathOf)
      return [
        `# ${index + firstPool}. Pool ${oneLine(pool.name)}`,
        ...comments.map((comment) => `# ${oneLine(comment)}`),
        ...apartLines(pool, servesPool(pool.id), pathOf),
        ...commands,
        '',
      ]
    }),
    '# What to check: that every pool shows the groups that you meant, that the space is what was worked out, and that a',
    '# file that you copy in is the same when you read it back.',
  ]
  return `${lines.join('\n')}\n`
}

/** What serves a pool and is set up by another program than the one that makes it. */
function apartLines(pool: Pool, services: readonly ServiceFigure[], pathOf: PathOf): string[] {
  if (pool.family === 'zfs') return []
  return services.flatMap(({ service: { id, role }, deviceIds }) =>
    deviceIds.length === 0
      ? []
      : [
          `# Its ${role} is set up with a program of its own, on ${deviceIds.map((deviceId) => pathOf(deviceId, id)).join(' and ')}.`,
        ],
  )
}

type Devices = ReturnType<typeof servicesFigure>['devices']

/** Devices of which only a part is used, or whose parts serve several things. */
const isDivided = ({ partitions, freeBytes }: Devices[number]): boolean =>
  partitions.length > 1 || (partitions.length === 1 && freeBytes > 0)

function partitionNumbers(devices: Devices): Map<string, number> {
  return new Map(
    devices
      .filter(isDivided)
      .flatMap(({ device, partitions }) =>
        partitions.map(({ serviceId }, index) => [`${device.id} ${serviceId}`, index + 1] as const),
      ),
  )
}

/** Source: sgdisk(8), from memory: sizes in MiB from the first free sector on. */
function partitionLines(devices: Devices, variableOf: ReadonlyMap<string, string>): string[] {
  const divided = devices.filter((one) => isDivided(one) && variableOf.has(one.device.id))
  if (divided.length === 0) return []
  return [
    '# 2. Partitions of the small devices. What is left free is spare area: it lets flash live longer.',
    ...divided.flatMap(({ device, partitions }) =>
      partitions.map(({ role, bytes }, index) =>
        role === 'system'
          ? `# Partition ${index + 1} of "$${variableOf.get(device.id) ?? ''}" is the system's own, and is there already.`
          : `sgdisk --new=${index + 1}:0:+${Math.floor(bytes / MIB)}M --change-name=${index + 1}:${role.replaceAll(' ', '-')} "$${variableOf.get(device.id) ?? ''}"`,
      ),
    ),
    '',
  ]
}
