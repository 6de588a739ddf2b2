import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { type Outcome, run } from './run'

const flint = (args: string[], input = ''): Promise<Outcome> =>
  run(args, Readable.from([Buffer.from(input)]))

describe('a machine held against its plan', () => {
  const design = join('demo', 'designs', 'cabin-archive.json')
  const collected = async (faults: object): Promise<string> => {
    const file = join(mkdtempSync(join(tmpdir(), 'flint-match-')), 'collected.json')
    writeFileSync(file, (await flint(['simulate', design, '-'], JSON.stringify(faults))).out)
    return file
  }

  test('as planned it is 0; with a drive missing or a bad one it is 3', async () => {
    const well = await flint(['match', design, await collected({})])
    expect(well.status).toBe(0)
    expect(JSON.parse(well.out)).toMatchObject({ simulated: true, missingIds: [], extra: [] })
    const missing = await flint(['match', design, await collected({ unseenDriveId: 'drive-2' })])
    expect(missing.status).toBe(3)
    const bad = await flint(['match', design, await collected({ badDriveId: 'drive-2' })])
    expect(bad.status).toBe(3)
    expect(bad.out).toContain('sectors waiting')
    expect(await flint(['match', design, '-'], '{}')).toMatchObject({
      status: 2,
      err: 'This is no file of tools/flint-collect.sh.\n',
    })
  })

  test.each([
    ['nothing-wrong', 0, '"missingIds": []'],
    ['bad-cable', 3, '"reason": "interface errors"'],
    ['bad-card', 3, '"reason": "interface errors"'],
    ['bad-drive', 3, '"reason": "sectors waiting"'],
    ['bad-card-and-drive', 3, '"verdict": "return"'],
    ['narrow-slot', 3, '"plannedLanes": 8'],
    ['old-pool', 3, '"what": "old signature"'],
    ['unplugged', 3, '"drive-9"'],
  ])('of the faults that ship, %s ends with %i and is told', async (name, status, told) => {
    const text = readFileSync(join('demo', 'faults', `${name}.json`), 'utf8')
    const matched = await flint(['match', design, await collected(JSON.parse(text) as object)])
    expect(matched.status).toBe(status)
    expect(matched.out).toContain(told)
  })

  test('every fault that ships is in that list', () => {
    expect(readdirSync(join('demo', 'faults'))).toHaveLength(8)
  })

  test('trace names suspects and the next swap, from errors or from what the machine says', async () => {
    const cable = 'cable Cable from Sixteen port 1 to bays 1 to 4'
    const told = await flint(['trace', design, await collected({ faulty: cable })])
    expect(told.status).toBe(3)
    const { suspects, nextSwap } = JSON.parse(told.out) as {
      suspects: { suspects: { id: string }[] }[]
      nextSwap: { moved: string[] }
    }
    expect(suspects[0]?.suspects[0]?.id).toBe(cable)
    expect(nextSwap.moved.length).toBeGreaterThan(0)
    const errors = { errors: [{ driveId: 'drive-1', count: 3 }] }
    const one = await flint(['trace', design, '-'], JSON.stringify(errors))
    expect(one.out).toContain('drive drive-1')
    expect((await flint(['trace', design, '-'], '{"errors":[]}')).status).toBe(0)
    const stranger = { errors: [{ driveId: 'drive-99', count: 3 }] }
    expect(await flint(['trace', design, '-'], JSON.stringify(stranger))).toMatchObject({
      status: 2,
      err: 'The design has no drive drive-99.\n',
    })
    expect((await flint(['simulate', design, '-'], '{"faulty":"x"}')).err).toMatch(
      /^Nothing is called x\. There are: controller /,
    )
  })
})
