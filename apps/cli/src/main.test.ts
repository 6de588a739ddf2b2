import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { type Outcome, run as runHere } from './run'
import { readFixture } from '../../../packages/core/fixtures/readFixture'

const ROOT = join(import.meta.dirname, '..', '..', '..')

interface Run {
  out: string
  err: string
  status: number | null
}

function run(command: string, args: string[], input: string): Run {
  const { stdout, stderr, status } = spawnSync(command, args, {
    cwd: ROOT,
    input,
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '' },
    maxBuffer: 2 ** 26,
  })
  return { out: stdout, err: stderr, status }
}

/** The command as users call it. */
function flintByNpm(args: string[], input: string): Run {
  return run('npm', ['run', '-s', 'flint', '--', ...args], input)
}

/** The same without a process of its own, which takes longer than the command. */
const flint = (args: string[], input = ''): Promise<Outcome> =>
  runHere(args, Readable.from([Buffer.from(input)]))

const tenWide = {
  family: 'zfs',
  ashift: 12,
  wholeDisks: true,
  vdevs: [{ kind: 'raidz2', members: Array<number>(10).fill(16_000_900_661_248) }],
}
const member = 16_000_900_661_248

test('one pool gives one answer', () => {
  const { out, err, status } = flintByNpm(['capacity', '-'], JSON.stringify(tenWide))
  expect([err, status]).toEqual(['', 0])
  expect(JSON.parse(out)).toMatchObject({
    rawBytes: 160_009_006_612_480,
    poolSizeBytes: 159_996_121_710_592,
    availableBytes: 121_734_606_880_768,
    slopBytes: 124_352_724_992,
    vdevs: [
      {
        allocatableBytes: 160_008_854_568_960,
        metaslabShift: 34,
        metaslabCount: 9_313,
        deflateRatio: 390,
        strandedBytes: 0,
      },
    ],
    survival: {
      alwaysSurvived: 2,
      byFailures: expect.arrayContaining([
        { failures: 3, survivingSets: '0', sets: '120', survivingShare: 0 },
      ]) as unknown,
    },
  })
})

// Source: what the OpenZFS 2.1.11 library itself answered, see packages/core/fixtures/README.md.
test('an array of pools gives an array, each as OpenZFS has it', async () => {
  const rows = readFixture('zfs-capacity.csv').filter(({ spec = '' }) =>
    /^raidz\d:\d+x\d+$/.test(spec),
  )
  const pools = rows.map(({ spec = '', ashift }) => {
    const [, kind = '', bytes = '', width = ''] = /^(raidz\d):(\d+)x(\d+)$/.exec(spec) ?? []
    const members = Array<number>(Number(width)).fill(Number(bytes))
    return { family: 'zfs', ashift: Number(ashift), wholeDisks: false, vdevs: [{ kind, members }] }
  })
  const { out, status } = await flint(['capacity', '-'], JSON.stringify(pools))
  const answers = JSON.parse(out) as { availableBytes: number }[]
  expect(status).toBe(0)
  expect(rows.length).toBeGreaterThan(60)
  expect(answers.map(({ availableBytes }) => String(availableBytes))).toEqual(
    rows.map(({ availableBytes }) => availableBytes),
  )
})

test('a stripe of three is three top-level vdevs', async () => {
  const pool = { ...tenWide, vdevs: [{ kind: 'stripe', members: [member, member, member] }] }
  const { out } = await flint(['capacity', '-'], JSON.stringify(pool))
  const answer = JSON.parse(out) as { vdevs: unknown[]; survival: { alwaysSurvived: number } }
  expect(answer.vdevs).toHaveLength(3)
  expect(answer.survival.alwaysSurvived).toBe(0)
})

const vdev = (change: object) => ({ ...tenWide, vdevs: [{ ...tenWide.vdevs[0], ...change }] })
test.each([
  ['not JSON', '{', 'Standard input is not JSON.'],
  ['nothing', '', 'Standard input is not JSON.'],
  ['another family', '{"family":"tape"}', 'family'],
  ['an unknown field', JSON.stringify({ ...tenWide, colour: 1 }), 'colour is not a known field.'],
  ['an unknown field inside', JSON.stringify(vdev({ speed: 1 })), 'vdevs[0].speed'],
  ['too narrow', JSON.stringify(vdev({ members: [member, member] })), 'vdevs[0].members'],
  ['a negative size', JSON.stringify(vdev({ members: [-1] })), 'vdevs[0].members[0]'],
  ['half a byte', JSON.stringify(vdev({ members: [1.5] })), 'vdevs[0].members[0]'],
  ['a size as text', JSON.stringify(vdev({ members: ['1'] })), 'vdevs[0].members[0]'],
  ['an unknown kind', JSON.stringify(vdev({ kind: 'raidz4' })), 'vdevs[0].kind'],
  ['no vdevs', JSON.stringify({ ...tenWide, vdevs: [] }), 'vdevs'],
  ['an ashift of 20', JSON.stringify({ ...tenWide, ashift: 20 }), 'ashift'],
  ['the second of two pools', JSON.stringify([tenWide, {}]), 'Pool 2 of 2'],
])('%s: one sentence, status 2, nothing on standard output', async (_name, input, words) => {
  const { out, err, status } = await flint(['capacity', '-'], input)
  expect([out, status]).toEqual(['', 2])
  expect(err).toContain(words)
  expect(err.trim().split('\n')).toHaveLength(1)
})

test('ten million members are refused at once', () => {
  const members = `[${'16000900661248,'.repeat(10_000_000 - 1)}16000900661248]`
  const input = `{"family":"zfs","ashift":12,"wholeDisks":true,"vdevs":[{"kind":"raidz2","members":${members}}]}`
  const { out, err, status } = flintByNpm(['capacity', '-'], input)
  expect([out, status]).toEqual(['', 2])
  expect(err).toBe('vdevs[0].members has too many entries; 1024 is the most.\n')
})

test('evaluate answers for a design document, and refuses what is none', async () => {
  const { out, status } = await flint(['evaluate', join('demo', 'designs', 'cabin-archive.json')])
  expect(status).toBe(0)
  expect(JSON.parse(out)).toMatchObject({
    survival: { alwaysSurvived: 2 },
    cost: { currency: 'EUR' },
  })
  expect(await flint(['evaluate', '-'], '{"format":"flint-shelf/design"}')).toMatchObject({
    out: '',
    status: 2,
  })
})

test('evaluate prints watts by state, the day of the machine, and each pool with what lives there', async () => {
  const { out } = await flint(['evaluate', join('demo', 'designs', 'warm-room-shelf.json')])
  const { power, roles } = JSON.parse(out) as {
    power: {
      wallWatts: number
      states: { state: string; watts: number; lowWatts: number; highWatts: number }[]
      day: { hours: { hoursPerDay: number }[]; kilowattHoursPerMonth: number; meanWatts: number }
      savings: { what: string }[]
    }
    roles: { pools: { poolId: string; failures: { status: string } }[] }
  }
  expect(power.states.map(({ state }) => state)).toEqual([
    'off',
    'asleep',
    'spinning',
    'one reader',
    'all readers',
    'conversion',
    'scrub',
    'firmware',
    'starting',
  ])
  expect(power.states.find(({ state }) => state === 'spinning')?.watts).toBe(power.wallWatts)
  for (const { lowWatts, watts, highWatts } of power.states) {
    expect(lowWatts).toBeLessThan(watts)
    expect(watts).toBeLessThan(highWatts)
  }
  expect(power.day.hours.reduce((sum, one) => sum + one.hoursPerDay, 0)).toBeCloseTo(24, 9)
  expect(power.day.kilowattHoursPerMonth).toBeCloseTo((power.day.meanWatts * 730) / 1_000, 9)
  expect(power.savings.map(({ what }) => what)).toContain('disks sleep')
  expect(roles.pools).toMatchObject([{ poolId: 'pool-1', failures: { status: 'kept' } }])
})

test('evaluate prints the start, how warm each row gets, and how loud it is', async () => {
  const { out } = await flint(['evaluate', join('demo', 'designs', 'cabin-archive.json')])
  const { power, heat, noise } = JSON.parse(out) as {
    power: {
      start: { peakAmps12V: number; rated5VAmps: number; moments: object[]; leads: object[] }
    }
    heat: { rows: { bays: number[]; celsius: { low: number; likely: number; high: number } }[] }
    noise: { state: string; decibels: number }[]
  }
  expect(power.start).toMatchObject({ rated12VAmps: 45, rated5VAmps: 20 })
  expect(power.start.peakAmps12V).toBeCloseTo(27.63, 2)
  expect(power.start.moments).toMatchObject([
    { atSeconds: 0, drivesStarting: 12 },
    { drivesStarting: 0 },
  ])
  expect(power.start.leads.length).toBeGreaterThan(0)
  expect(heat.rows).toHaveLength(4)
  for (const { celsius } of heat.rows) {
    expect(24).toBeLessThan(celsius.low)
    expect(celsius.low).toBeLessThan(celsius.likely)
    expect(celsius.likely).toBeLessThan(celsius.high)
  }
  expect(noise.map(({ state }) => state)).toEqual(['asleep', 'spinning', 'scrub', 'starting'])
  expect(noise[3]?.decibels).toBeGreaterThan(noise[1]?.decibels ?? 0)
})

test('readings holds a log of watts against the plan, and refuses what is none', async () => {
  const design = join('demo', 'designs', 'cabin-archive.json')
  const lines = Array.from(
    { length: 60 },
    (_, at) => `2026-11-20 10:${String(at).padStart(2, '0')};99,5`,
  )
  const { out } = await flint(['readings', design, '-'], ['time;watts', ...lines].join('\n'))
  expect(JSON.parse(out)).toMatchObject({
    read: { readings: 60, delimiter: ';', decimalSign: ',' },
    meanWatts: 99.5,
    plan: { mean: { stands: 'below', measuredWatts: 99.5 }, causes: expect.any(Array) as unknown },
  })
  expect(await flint(['readings', design, '-'], 'no log')).toMatchObject({
    err: 'The log has no column of times with watts beside it.\n',
    status: 2,
  })
})

test('bill prints the lines and what they come to, as JSON and as comma-separated text', async () => {
  const design = join('demo', 'designs', 'warm-room-shelf.json')
  const bill = JSON.parse((await flint(['bill', design])).out) as { totalMinor: number }
  expect(bill).toMatchObject({ currency: 'EUR', totalMinor: expect.any(Number) as number })
  const { out } = await flint(['bill-csv', design])
  const [head = '', ...rows] = out.trim().split('\r\n')
  const paid = head.split(',').indexOf('To pay')
  const sum = rows.reduce((all, row) => all + Math.round(Number(row.split(',')[paid]) * 100), 0)
  expect(sum).toBe(bill.totalMinor)
})

// Sums that a builder did by hand: 3,600 and 6 a month against 1,294 a year.
test('break-even prints month and curve, by both conventions of a rise', async () => {
  const input = {
    costs: [{ once: 3_600, perMonth: 6 }],
    alternatives: [
      { name: 'flat', perMonth: 1_294 / 12 },
      { name: 'rising', perMonth: 1_294 / 12, risePercent: 6 },
    ],
  }
  const answers = JSON.parse((await flint(['break-even', '-'], JSON.stringify(input))).out) as {
    curve: object[]
  }[]
  expect(answers).toMatchObject([
    { name: 'flat', month: 36 },
    { name: 'rising', month: 34, monthByRise: { 'yearly steps': 34, smooth: 33 } },
  ])
  expect(answers[0]?.curve).toHaveLength(241)
  expect(answers[0]?.curve[36]).toEqual({ month: 36, own: 3_816, other: 3_882 })
  const wrong = await flint(
    ['break-even', '-'],
    JSON.stringify({ ...input, costs: [{ once: -1 }] }),
  )
  expect(wrong.status).toBe(2)
  expect(wrong.err).toContain('costs[0].once')
})

test('compare prints what is different between two designs', async () => {
  const files = ['warm-room-shelf', 'cabin-archive'].map((name) =>
    join('demo', 'designs', `${name}.json`),
  )
  const { out } = await flint(['compare', ...files])
  expect(JSON.parse(out)).toMatchObject({
    names: ['Warm-room shelf', 'Cabin archive'],
    figures: expect.arrayContaining([
      expect.objectContaining({ figure: 'drives', differs: true }),
    ]) as unknown,
  })
  expect(await flint(['compare', files[0] ?? ''])).toMatchObject({ status: 2 })
})

test('evaluate keeps the fields it had and adds facts, statuses and what is still to choose', async () => {
  const { out } = await flint(['evaluate', join('demo', 'designs', 'cabin-archive.json')])
  const printed = JSON.parse(out) as {
    power: Record<string, number>
    limits: Record<string, string>[]
    findings: Record<string, unknown>[]
  }
  const { lowWallWatts = 0, wallWatts = 0, highWallWatts = 0 } = printed.power
  expect(lowWallWatts).toBeLessThan(wallWatts)
  expect(wallWatts).toBeLessThan(highWallWatts)
  expect(printed).toMatchObject({
    cost: { totalMinor: expect.any(Number) as number },
    capacity: { workingBytes: expect.any(Number) as number },
    stillToChoose: [{ choice: 'rails', count: 1, text: 'rails for the rack' }],
    isDone: false,
  })
  // The band reaches over the limit: by what is likely it is kept, and it may be missed.
  expect(printed.limits).toContainEqual({
    id: 'idle',
    title: 'Idle at the wall',
    wanted: 'at most 110 W',
    has: '105 W, may be 94 W to 130 W',
    status: 'may be missed',
    standing: 'kept',
  })
  expect(printed.findings).toContainEqual(
    expect.objectContaining({
      code: 'no-plug-room',
      severity: 'risks',
      facts: { behindMm: 22, wantedBehindMm: 60 },
      sentence: '22 mm are left behind the case for plugs and cables; about 60 mm are needed.',
    }),
  )
})

test('evaluate tells rates of each pool, of readers and of each reader of the brief, and addresses of direct cables', async () => {
  const cabin = join('demo', 'designs', 'cabin-archive.json')
  const reader = {
    id: 'reader-9',
    name: 'Desk',
    way: 'direct',
    bitsPerSecond: 1e9,
    port: { pieceId: 'board-1', number: 1 },
  }
  const edits = [{ do: 'put-reader', reader }]
  const { out: design } = await flint(['apply', cabin, '-'], JSON.stringify(edits))
  const { out } = await flint(['evaluate', '-'], design)
  const { rates, network } = JSON.parse(out) as {
    rates: {
      pools: Record<string, unknown>[]
      readers: { readers: number; eachBytesPerSecond: number; togetherBytesPerSecond: number }[]
      ofTheBrief: Record<string, unknown>[]
    }
    network: Record<string, unknown>
  }
  expect(rates.pools).toEqual([
    {
      poolId: 'pool-1',
      name: 'plates',
      // Common practice, no source: a disk takes its size over three quarters of its outer rate.
      scrub: {
        bytesPerSecond: 12 * 250e6,
        hours: expect.closeTo(12_000_138_625_024 / (0.75 * 250e6) / 3_600, 1) as number,
        hoursToday: expect.any(Number) as number,
        narrowest: { name: 'Keep 12', reason: 'at its outer edge' },
      },
      rebuild: expect.objectContaining({ bytesPerSecond: 250e6 }) as object,
      copyIn: expect.objectContaining({ narrowest: expect.any(Object) as object }) as object,
    },
  ])
  const one = rates.readers.find(({ readers }) => readers === 1)
  // The first of them: 2.5 Gb/s of its own, through the port of 1 Gb/s.
  expect(one?.eachBytesPerSecond).toBeCloseTo(113.9e6, -5)
  expect(one?.togetherBytesPerSecond).toBe(one?.eachBytesPerSecond)
  expect(rates.ofTheBrief).toContainEqual(
    expect.objectContaining({
      name: 'Desk',
      poolId: 'pool-1',
      sentence:
        'Alone 114 MB/s, limited by the network port of Middle M (1 Gb/s); the pool could give 2,000 MB/s.',
    }),
  )
  expect(network).toMatchObject({
    ports: [{ pieceId: 'board-1', number: 1, bitsPerSecond: 1e9, use: 'single' }],
    addressPlan: [
      {
        readerId: 'reader-9',
        block: '10.2.0.0/30',
        serverAddress: '10.2.0.1',
        readerAddress: '10.2.0.2',
        mask: '255.255.255.252',
      },
    ],
  })
})

describe('apply', () => {
  const cabin = join('demo', 'designs', 'cabin-archive.json')

  test('makes edits one after the other and prints the design', async () => {
    const edits = [
      { do: 'rename', name: 'Loft' },
      { do: 'several', what: 'twice', edits: [{ do: 'remove', partIds: ['cable-1'] }] },
    ]
    const { out, status } = await flint(['apply', cabin, '-'], JSON.stringify(edits))
    expect(status).toBe(0)
    const design = JSON.parse(out) as { name: string; fitted: { id: string }[] }
    expect(design.name).toBe('Loft')
    expect(design.fitted.map(({ id }) => id)).not.toContain('cable-1')
    // What is printed is a design that can be read again.
    expect((await flint(['evaluate', '-'], out)).status).toBe(0)
  })

  test.each([
    ['no list', '{}', 'The edits are a list'],
    ['another edit', '[{"do":"rename","name":"x"},{"do":"fly"}]', 'Edit 2: '],
    ['a field too many', '[{"do":"rename","name":"x","colour":1}]', 'Edit 1: '],
  ])('%s: one sentence with its place, status 2', async (_name, edits, words) => {
    const { out, err, status } = await flint(['apply', cabin, '-'], edits)
    expect([out, status]).toEqual(['', 2])
    expect(err).toContain(words)
  })

  test('without its second file it says what it takes', async () => {
    const { err, status } = await flint(['apply', cabin])
    expect(status).toBe(2)
    expect(err).toContain('apply takes 2 file names')
    expect(err).toContain('a design, then a list of edits')
  })
})

test('machine prints the resolved machine as plain JSON', async () => {
  const { out, status } = await flint(['machine', join('demo', 'designs', 'cabin-archive.json')])
  expect(status).toBe(0)
  const machine = JSON.parse(out) as Record<string, unknown[]> & {
    wiring: { data: { cables: object[] }; power: { leads: object[]; feeds: object[] } }
  }
  expect(machine.pieces?.[0]).toMatchObject({ id: 'chassis-1', kind: 'chassis' })
  expect(machine.bays?.[0]).toMatchObject({ id: 'chassis-1/1', driveId: 'drive-1' })
  expect(machine.placed).toContainEqual({
    pieceId: 'controller-1',
    need: 'slot',
    on: { pieceId: 'board-1', number: 1 },
  })
  expect(machine.wiring.data.cables).toHaveLength(3)
  // Two drives of 1.9 A on a four-pole plug of 5 A.
  expect(machine.wiring.power.feeds[0]).toMatchObject({
    end: { backplane: { pieceId: 'chassis-1', block: 1, plug: 1 } },
    lead: { supplyId: 'supply-1', plug: 'peripheral power' },
    startAmps: 3.8,
    ratedAmps: 5,
  })
  expect(machine.links).toContainEqual(expect.objectContaining({ kind: 'slot' }))
})

test('a command that is none, a file that is none', async () => {
  expect((await flint(['weigh', '-'])).err).toContain('weigh is not a command')
  expect(await flint(['capacity', 'no-such-file.json'])).toMatchObject({
    out: '',
    err: 'no-such-file.json cannot be read.\n',
    status: 2,
  })
  expect((await flint(['capacity'])).status).toBe(2)
})

describe('every family', () => {
  const TB = 1e12
  const requests = [
    { family: 'dedicated-parity', parity: [8 * TB], data: [8 * TB, 4 * TB] },
    { family: 'scheduled-parity', parity: [8 * TB, 8 * TB], data: [8 * TB, 4 * TB] },
    { family: 'fixed-stripes', level: 'raid5', members: [4 * TB, 4 * TB, 4 * TB, 4 * TB] },
    {
      family: 'flexible-chunks',
      profile: 'two-copies',
      chunkBytes: 2 ** 30,
      members: [4 * TB, 2 * TB, 2 * TB],
    },
    {
      family: 'columns',
      columns: 5,
      parity: 1,
      slabBytes: 2 ** 28,
      interleaveBytes: 65_536,
      members: Array<number>(5).fill(TB),
    },
    tenWide,
  ]

  test('answers in one array, each with usable and stranded bytes and survival', async () => {
    const { out, status } = await flint(['capacity', '-'], JSON.stringify(requests))
    expect(status).toBe(0)
    const answers = JSON.parse(out) as {
      usableBytes: number
      strandedBytes: number[]
      survival: object
    }[]
    expect(answers).toHaveLength(requests.length)
    expect(answers.slice(0, 3).map(({ usableBytes }) => usableBytes)).toEqual([
      12 * TB,
      12 * TB,
      12 * TB,
    ])
    expect(answers[4]).toMatchObject({ clusterBytes: 262_144 })
    expect(answers[5]).toMatchObject({
      usableBytes: 121_734_606_880_768,
      availableBytes: 121_734_606_880_768,
    })
    for (const { strandedBytes, survival } of answers) {
      expect(strandedBytes.every((bytes) => bytes >= 0)).toBe(true)
      expect(survival).toHaveProperty('alwaysSurvived')
    }
  })

  test.each([
    [{ ...requests[0], parity: [TB] }, 'parity[0]'],
    [{ ...requests[2], level: 'raid9' }, 'level'],
    [{ ...requests[3], chunkBytes: 0 }, 'chunkBytes'],
    [{ ...requests[4], members: [TB] }, 'members'],
    [{ family: 'magic' }, 'family'],
  ])('%j is refused with %s', async (request, field) => {
    const { out, err, status } = await flint(['capacity', '-'], JSON.stringify(request))
    expect([out, status]).toEqual(['', 2])
    expect(err).toContain(field)
    expect(err.trim().split('\n')).toHaveLength(1)
  })
})

test('check says what cannot be read in a file of everything, design by design', async () => {
  const sound = JSON.parse(
    readFileSync(
      join(ROOT, 'packages/core/fixtures/designs/warm-room-shelf-version-1.json'),
      'utf8',
    ),
  ) as object
  const broken = { ...sound, name: 'Broken', colour: 'red' }
  const everything = { format: 'flint-shelf/everything', designs: [sound, broken], parts: [] }
  const { out, status } = await flint(['check', '-'], JSON.stringify(everything))
  expect(status).toBe(0)
  expect(JSON.parse(out)).toEqual({
    designs: 2,
    problems: [
      { design: 2, name: 'Broken', field: 'colour', sentence: 'colour is not a known field.' },
    ],
  })
  const { out: one } = await flint(['check', '-'], JSON.stringify(sound))
  expect(JSON.parse(one)).toEqual({ designs: 1, problems: [] })
})
