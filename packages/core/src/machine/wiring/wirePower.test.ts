import { NO_CHOICES } from '../../design/pathChoices'
import { NOTHING_SOLVED, Solver } from '../solver'
import { DriveGroups } from './driveGroups'
import type { PowerEnd } from './powerEnds'
import type { Adapter, SupplyLead } from './supplyLeads'
import { type PowerWiring, wirePower } from './wirePower'

/** Plugs of SATA drives that start with so many amperes. */
const ends = (...startAmps: (number | null)[]): PowerEnd[] =>
  startAmps.map((amps, at) => ({
    ref: { bay: `chassis-1/${at + 1}` },
    key: `end ${at}`,
    name: `drive ${at + 1}`,
    plug: 'SATA power',
    bayIds: [],
    driveIds: [],
    startAmps: amps,
    runningAmps: amps,
  }))
const lead = (plug: SupplyLead['plug'], plugs: number, adapters: Adapter[] = []): SupplyLead => ({
  ref: { supplyId: 'supply-1', plug, number: 1 },
  key: 'lead 1',
  name: 'lead 1',
  plug,
  plugs,
  known: true,
  adapters,
})
const splitter: Adapter = {
  partId: 'cable-1',
  name: 'splitter',
  nearPlug: 'SATA power',
  nearEnds: 1,
  farPlug: 'SATA power',
  farEnds: 2,
  ratedAmps: 4,
}
const wired = (drives: PowerEnd[], one: SupplyLead): PowerWiring =>
  wirePower(
    { ofBlocks: { ends: drives, look: '' }, ofPieces: [] },
    [one],
    [],
    new DriveGroups([]),
    NO_CHOICES,
    new Solver(NOTHING_SOLVED),
  )
const onAdapters = (drives: PowerEnd[], one: SupplyLead): (number | null)[] =>
  wired(drives, one).leads.flatMap(({ adapters }) =>
    adapters.map(({ startAmps }) => startAmps && Number(startAmps.toFixed(6))),
  )

test('the heaviest goes first, each to the adapter that carries least so far', () => {
  const two = lead('peripheral power', 2)
  // 2.0 and 0.4 on one, 1.9 and 0.5 on the other; in the order of the bays it would be 2.5 and 2.3.
  expect(onAdapters(ends(0.5, 2, 0.4, 1.9), two)).toEqual([2.4, 2.4])
  expect(onAdapters(ends(1.9, 0.4, 2, 0.5), two)).toEqual([2.4, 2.4])
})

test('what the lead itself has goes to the heaviest, the adapter has the rest', () => {
  const split = lead('SATA power', 2, [splitter])
  const { feeds } = wired(ends(0.5, 2, 0.4), split)
  expect(feeds.map(({ adapter }) => adapter)).toEqual([0, null, 0])
  expect(onAdapters(ends(0.5, 2, 0.4), split)).toEqual([0.9])
})

test('a drive whose current is not known counts as the heaviest', () => {
  const split = lead('SATA power', 2, [splitter])
  const { feeds } = wired(ends(2, null, 1.9), split)
  expect(feeds.map(({ adapter }) => adapter)).toEqual([0, null, 0])
})
