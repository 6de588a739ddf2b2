// A figure that is exactly what is allowed breaks nothing; the least bit more does.
import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { evaluate } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { peakPower } from '../power/peakPower'
import { startSurge } from '../power/startSurge'
import { MOST_OF_THE_BOARD, WORTH_SAYING } from './shell/supplyOverBoard'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const LEAST = 1e-6

const severityOf = (design: Design, code: string): string | undefined =>
  evaluate(design).findings.find((one) => one.code === code)?.severity

describe('a UPS', () => {
  const carrying = (ratedWatts: number): string | undefined =>
    severityOf(withPart(cabin, 'stillwater-bridge-300', { ratedWatts }), 'ups-too-small')
  // Its own draw counts too.
  const withUps = withPart(cabin, 'stillwater-bridge-300')
  const { power } = evaluate(withUps)
  const idleWatts = power.wall?.high ?? 0
  const busyWatts = peakPower(withUps.brief, resolveMachine(withUps)).wall?.low ?? 0

  test('is asked for the upper end of the idle band', () => {
    expect(idleWatts).toBeGreaterThan(power.wall?.likely ?? 0)
    expect(carrying(idleWatts)).not.toBe('blocks')
    expect(carrying(idleWatts - LEAST)).toBe('blocks')
  })

  test('is asked for the lower end of the band at work', () => {
    expect(busyWatts).toBeGreaterThan(idleWatts)
    expect(carrying(busyWatts)).toBeUndefined()
    expect(carrying(busyWatts - LEAST)).toBe('risks')
  })
})

test('a supply that carries exactly the start of all drives starts them', () => {
  const amps = startSurge(resolveMachine(cabin))?.amps ?? 0
  const carrying = (rated12VAmps: number): string | undefined =>
    severityOf(withPart(cabin, 'emberlin-steady-550', { rated12VAmps }), 'start-surge-too-high')
  expect(amps).toBeGreaterThan(0)
  expect(carrying(amps)).toBeUndefined()
  expect(carrying(amps - LEAST)).toBe('blocks')
})

describe('a supply over the board', () => {
  // On a board of 100 × 100 mm, of which the supply hides so much of the front, over the whole width.
  const hiding = (share: number): string | undefined =>
    severityOf(
      withPart(
        withPart(shelf, 'tindrel-plain-itx', { widthMm: 100, depthMm: 100 }),
        'ashgrove-hearth-4',
        {
          boardToSupplyMm: 50,
          boardAt: { leftMm: 0, frontMm: 300 },
          supplyAt: { leftMm: 0, frontMm: 200 + 100 * share },
        },
      ),
      'supply-over-board',
    )

  test.each([
    [WORTH_SAYING - LEAST, undefined],
    [WORTH_SAYING + LEAST, 'note'],
    [MOST_OF_THE_BOARD - LEAST, 'note'],
    [MOST_OF_THE_BOARD + LEAST, 'risks'],
  ])('that hides %s of it: %s', (share, severity) => {
    expect(hiding(share)).toBe(severity)
  })

  test('worth saying from a tenth, most of it from a half', () => {
    expect([WORTH_SAYING, MOST_OF_THE_BOARD]).toEqual([0.1, 0.5])
  })
})
