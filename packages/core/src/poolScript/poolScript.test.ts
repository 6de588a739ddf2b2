import { execFileSync, spawnSync } from 'node:child_process'
import fc from 'fast-check'
import { changedPart, demoDesign } from '../../fixtures/demo'
import type { Design, Pool } from '../design/design'
import { applyEdit } from '../design/edits/edit'
import { fitAnother } from '../design/edits/fitPart'
import { SERVICE_DEFAULTS, type Service } from '../design/services'
import { resolveMachine } from '../machine/resolveMachine'
import { poolScript } from './poolScript'

const cabin = demoDesign('cabin-archive')
const scriptOf = (design: Design): string => poolScript(design, resolveMachine(design))

interface Vdev {
  kind: string
  devices: string[]
}

/**
 * An independent reading of `zpool create`, word by word as its manual has it.
 * Source: zpool-create(8) and zpoolconcepts(7) of OpenZFS 2.1, from memory.
 */
function readZpool(script: string): { name: string; ashift: number; vdevs: Vdev[] } {
  const line = script.split('\n').find((one) => one.startsWith('zpool create')) ?? ''
  const [, , , option = '', name = '', ...words] = line.split(' ')
  const vdevs: Vdev[] = []
  let section = ''
  let open: Vdev | null = null
  for (const word of words) {
    if (/^(log|cache|special|spare)$/.test(word)) {
      section = word
      open = null
    } else if (/^(mirror|raidz[123]|draid\d:.*)$/.test(word)) {
      open = { kind: section === '' ? word : `${section} ${word}`, devices: [] }
      vdevs.push(open)
    } else if (open) open.devices.push(word)
    else if (section !== '' && vdevs.at(-1)?.kind === section) vdevs.at(-1)?.devices.push(word)
    else vdevs.push({ kind: section === '' ? 'stripe' : section, devices: [word] })
  }
  return { name, ashift: Number(option.replace('ashift=', '')), vdevs }
}

test('the vdevs are those of the design, drive by drive', () => {
  const script = scriptOf(cabin)
  const { name, ashift, vdevs } = readZpool(script)
  const [pool] = cabin.pools
  expect([name, ashift]).toEqual(['plates', pool?.family === 'zfs' ? pool.ashift : 0])
  expect(vdevs.map(({ kind }) => kind)).toEqual(pool?.groups.map(({ kind }) => kind))
  expect(vdevs.map(({ devices }) => devices.length)).toEqual(
    pool?.groups.map(({ driveIds }) => driveIds.length),
  )
  // Each variable is said to be the drive in the bay that the design has it in.
  const said = new Map(
    [...script.matchAll(/^([A-Z]+_?\d+)='' # .*?bay (\d+)/gm)].map(([, variable, bay]) => [
      `"$${variable ?? ''}"`,
      bay,
    ]),
  )
  const bays = pool?.groups.map(({ driveIds }) =>
    driveIds.map(
      (driveId) => cabin.fitted.find(({ id }) => id === driveId)?.bay?.split('/')[1] ?? '',
    ),
  )
  expect(vdevs.map(({ devices }) => devices.map((device) => said.get(device)))).toEqual(bays)
})

test('what serves the pool stands behind it: a mirrored log, a striped cache, by partition', () => {
  const flash = changedPart('quillon-spark-250m', {})
  const two = fitAnother(fitAnother(cabin, flash), flash)
  const ids = two.fitted.slice(-2).map(({ id }) => id)
  const poolId = cabin.pools[0]?.id ?? ''
  const service: Service = {
    id: 'service-1',
    role: 'write log',
    poolId,
    arrangement: 'mirror',
    parts: ids.map((pieceId) => ({ pieceId, bytes: 16 * 2 ** 20 * 1_000 })),
    ...SERVICE_DEFAULTS,
  }
  const cache: Service = {
    ...service,
    id: 'service-2',
    role: 'read cache',
    arrangement: 'stripe',
    parts: ids.map((pieceId) => ({ pieceId, bytes: null })),
  }
  const design = [service, cache].reduce(
    (before, one) => applyEdit(before, { do: 'put-service', service: one }),
    two,
  )
  const script = scriptOf(design)
  expect(readZpool(script).vdevs.slice(2)).toEqual([
    { kind: 'log mirror', devices: ['"${FAST_1}-part1"', '"${FAST_2}-part1"'] },
    { kind: 'cache', devices: ['"${FAST_1}-part2"', '"${FAST_2}-part2"'] },
  ])
  expect(script).toContain('sgdisk --new=1:0:+16000M --change-name=1:write-log "$FAST_1"')
})

test('what another program sets up is said', () => {
  const drawer = demoDesign('drawer-of-drives')
  const one = fitAnother(drawer, changedPart('quillon-spark-250m', {}))
  const service: Service = {
    id: 'service-1',
    role: 'fast tier',
    poolId: drawer.pools[0]?.id ?? '',
    arrangement: 'mirror',
    parts: [{ pieceId: one.fitted.at(-1)?.id ?? '', bytes: null }],
    ...SERVICE_DEFAULTS,
  }
  expect(scriptOf(applyEdit(one, { do: 'put-service', service }))).toContain(
    '# Its fast tier is set up with a program of its own, on "$FAST_1".',
  )
})

const pools: [string, (driveIds: string[]) => Pool, RegExp][] = [
  [
    'mirrored stripes',
    (driveIds) => ({
      id: 'pool-1',
      name: 'films',
      family: 'fixed-stripes',
      groups: [{ id: 'group-1', kind: 'raid10', driveIds }],
    }),
    /^mdadm --create \/dev\/md\/films --level=10 --raid-devices=4 "\$A1" "\$A2" "\$A3" "\$A4"$/m,
  ],
  [
    'a drive alone before mirrors',
    ([first = '', second = '', ...rest]) => ({
      id: 'pool-1',
      name: '9 lives',
      family: 'zfs',
      ashift: 13,
      groups: [
        { id: 'group-1', kind: 'mirror', driveIds: rest },
        { id: 'group-2', kind: 'stripe', driveIds: [first] },
        { id: 'group-3', kind: 'spare', driveIds: [second] },
      ],
    }),
    /^zpool create -o ashift=13 lives "\$B1" mirror "\$A1" "\$A2" spare "\$C1"$/m,
  ],
]

test.each(pools)('%s', (_name, poolOf, command) => {
  const driveIds = cabin.pools[0]?.groups[0]?.driveIds.slice(0, 4) ?? []
  expect(scriptOf({ ...cabin, pools: [poolOf(driveIds)] })).toMatch(command)
})

describe('cannot be run unread', () => {
  test('it ends before its first command while paths are empty, and names no disk', () => {
    const script = scriptOf(cabin)
    const ran = spawnSync('/bin/sh', ['-c', script], { encoding: 'utf8', env: { PATH: '' } })
    expect(ran.status).toBe(1)
    expect(ran.stderr).toContain('A path is empty or names nothing')
    expect(script).not.toMatch(/\/dev\/(sd|nvme|hd|vd)/)
  })

  test('names and labels of any kind stay words in a comment', () => {
    fc.assert(
      fc.property(fc.string(), fc.string({ unit: 'binary' }), (name, label) => {
        const design: Design = {
          ...cabin,
          name: `x${name}\nrm -rf /`,
          pools: cabin.pools.map((pool) => ({ ...pool, name: `p${label}` })),
          fitted: cabin.fitted.map((part) => ({
            ...part,
            label: `${label}\n$(reboot)`.slice(0, 40),
          })),
        }
        const commands = scriptOf(design)
          .split('\n')
          .filter(
            (line) => line !== '' && !/^( |#|set -eu$|for |done$|[A-Z]+_?\d+='' #)/.test(line),
          )
        expect(commands).toHaveLength(1)
        expect(commands[0]).toMatch(
          /^zpool create -o ashift=12 [A-Za-z][\w-]* (raidz2( "\$[AB]\d"){6} ?){2}$/,
        )
      }),
      { numRuns: 60 },
    )
  })

  test('a shell reads it without a mistake', () => {
    for (const name of ['cabin-archive', 'drawer-of-drives', 'warm-room-shelf']) {
      execFileSync('sh', ['-n'], { input: scriptOf(demoDesign(name)) })
    }
  })
})
