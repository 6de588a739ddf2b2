import fc from 'fast-check'
import { readCollected } from './readCollected'
import { readPasted } from './readPasted'

const AT = '2026-11-27T20:00:00.000Z'
const seen = (text: string) => {
  const read = readPasted(text, AT)
  if ('sentence' in read) throw new Error(read.sentence)
  return readCollected(read.collected)
}
const sentence = (text: string): string => {
  const read = readPasted(text, AT)
  return 'sentence' in read ? read.sentence : ''
}

const LSBLK = `{
   "blockdevices": [
      {"name":"sda", "type":"disk", "size":12000138625024, "model":"Keep 12 } {", "serial":"A1", "rota":true, "tran":"sata"}
   ]
}`
const smart = (device: string, serial: string, hours: number): string =>
  JSON.stringify(
    {
      smartctl: { version: [7, 4] },
      device: { name: `/dev/${device}`, protocol: 'ATA' },
      serial_number: serial,
      firmware_version: 'QK21',
      power_on_time: { hours },
    },
    null,
    2,
  )
const ZPOOL = `  pool: plates
 state: ONLINE
config:
\tNAME        STATE     READ WRITE CKSUM
\tplates      ONLINE       0     0     0
\t  sda       ONLINE       0     0     4
errors: No known data errors`
const MDSTAT = 'Personalities : [raid6]\nmd0 : active raid6 sdb1[1] sda1[0]\n'
const LSPCI = 'Slot:\t01:00.0\nClass:\tSAS\nVendor:\tLockrow\nDevice:\tSixteen'
const MEMORY = 'Handle 0x0010, DMI type 17, 92 bytes\nMemory Device\n\tSize: 16 GB'

test('answers of all tools, one after another, in any order', () => {
  const all = [ZPOOL, smart('sda', 'A1', 61), LSBLK, MEMORY, smart('sdb', 'B2', 7), LSPCI, MDSTAT]
  const machine = seen(all.join('\n\n'))
  expect(machine.at).toBe(AT)
  expect(machine.simulated).toBe(false)
  expect(machine.drives).toMatchObject([
    { device: 'sda', serial: 'A1', model: 'Keep 12 } {', firmware: 'QK21', smart: { hours: 61 } },
    { device: 'sdb', serial: 'B2', firmware: 'QK21', smart: { hours: 7 } },
  ])
  expect(machine.pools.map(({ name }) => name)).toEqual(['plates', 'md0'])
  expect(machine.members[0]).toMatchObject({ name: 'sda', checksumErrors: 4 })
  expect(machine.memoryBytes).toEqual([16 * 2 ** 30])
  expect(machine.problems).toEqual([])
})

test.each([
  ['lsblk alone', LSBLK],
  ['one drive alone', smart('sda', 'A1', 1)],
  ['zpool status alone', ZPOOL],
  ['mdstat alone', MDSTAT],
  ['prompts of a shell between', `root@loft:~# lsblk -J\n${LSBLK}\nroot@loft:~# exit`],
])('%s is enough', (_, text) => {
  expect(sentence(text)).toBe('')
  expect(seen(text).problems).toEqual([])
})

test('a whole collected file is one, with its own time', () => {
  const at = '2026-11-01T10:00:00Z'
  const file = { format: 'flint-shelf/collected', version: 1, at, files: { lsblk: LSBLK } }
  expect(seen(JSON.stringify(file, null, 2))).toMatchObject({ at, drives: [{ serial: 'A1' }] })
  expect(sentence('{"format":"other"}')).toBe('This is no file of tools/flint-collect.sh.')
})

test('what is cut off, and what nobody knows, is told', () => {
  expect(sentence(LSBLK.slice(0, -3))).toBe('It is cut off: a JSON text in it does not end.')
  expect(sentence('hello')).toContain('Nothing in it is known')
  expect(sentence('{"a": 1}')).toContain('Nothing in it is known')
  expect(sentence('')).toContain('Nothing in it is known')
})

test('property: whatever is pasted is read or refused, and nothing is thrown', () => {
  const piece = fc.oneof(
    fc.string(),
    fc.json(),
    fc.constantFrom(LSBLK, ZPOOL, MDSTAT, LSPCI, MEMORY, '{', '}', '"', '\\', '\n'),
  )
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 8 }), (pieces) => {
      const read = readPasted(pieces.join('\n'), AT)
      if ('collected' in read) readCollected(read.collected)
      else expect(read.sentence).not.toBe('')
    }),
    { numRuns: 500 },
  )
})

test('megabytes of health are looked through once', () => {
  const drives = Array.from({ length: 400 }, (_, at) => smart(`sd${at}`, `S${at}`, at))
  const padding = `${'x'.repeat(78)}\n`.repeat(30_000)
  const began = process.cpuUsage()
  expect(seen(`${drives.join('\n')}\n${padding}`).drives).toHaveLength(400)
  const { user } = process.cpuUsage(began)
  expect(user / 1_000).toBeLessThan(3_000)
})
