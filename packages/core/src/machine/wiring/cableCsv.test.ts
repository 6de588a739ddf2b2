import Papa from 'papaparse'
import { demoDesign } from '../../../fixtures/demo'
import { withPart, without } from '../../../fixtures/ruleTable'
import { resolveMachine } from '../resolveMachine'
import type { Design } from '../../design/design'
import { cablesToCsv } from './cableCsv'

const rowsOf = (design: Design): Record<string, string>[] => {
  const text = cablesToCsv(resolveMachine(design).cables.lines)
  const { data, errors } = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true })
  expect(errors).toEqual([])
  return data
}

test('a row for each cable, read back by a package', () => {
  const rows = rowsOf(demoDesign('cabin-archive'))
  expect(rows).toHaveLength(3)
  expect(rows[0]).toMatchObject({
    'No.': '1',
    From: 'Sixteen',
    Ports: '1',
    'Plug at the port': 'SFF-8643',
    'Plug at the drives': 'SFF-8643',
    To: 'backplane plug 1, bays 1 to 4',
    'Comes from': 'Straight 43',
  })
})

test('fan-outs with all their ends, and what a sheet would take for a formula', () => {
  const drawer = demoDesign('drawer-of-drives')
  const named = withPart(without(drawer, 'controller'), 'lockrow-kept-8', { model: '=Kept' })
  const [row] = rowsOf(named)
  expect(row?.To?.split('; ')).toHaveLength(4)
  expect(row?.['Plugs at the drives']).toBe('4')
  expect(row?.From).toBe("'=Kept")
})
