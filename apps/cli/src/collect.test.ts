import { parseCollected } from '@flint/core/files'
import { readCollected } from '@flint/core/figures'
import { spawnSync } from 'node:child_process'
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const ROOT = join(import.meta.dirname, '..', '..', '..')
const SCRIPT = join(ROOT, 'tools', 'flint-collect.sh')

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'flint-collect-'))
})
afterEach(() => {
  rmSync(folder, { recursive: true })
})

/** A tool that answers with a file, whatever it is asked. */
function tool(name: string, answer: string): void {
  writeFileSync(join(folder, `${name}.txt`), answer)
  writeFileSync(join(folder, name), `#!/bin/sh\ncat ${join(folder, `${name}.txt`)}\n`)
  chmodSync(join(folder, name), 0o755)
}

function collect(): unknown {
  const { stdout, stderr } = spawnSync('sh', [SCRIPT], {
    encoding: 'utf8',
    env: { PATH: `${folder}:/usr/bin:/bin` },
  })
  expect(stderr).toBe('')
  return JSON.parse(stdout)
}

test('what tools say comes through word for word, as JSON that is read back', () => {
  const odd = 'Moss "8"\\n\tend'
  // The first call lists disks, the second everything; one answer serves both.
  writeFileSync(
    join(folder, 'lsblk'),
    `#!/bin/sh\ncase "$*" in *-J*) cat ${join(folder, 'blocks')};; *) echo "sda disk";; esac\n`,
  )
  chmodSync(join(folder, 'lsblk'), 0o755)
  writeFileSync(
    join(folder, 'blocks'),
    JSON.stringify({
      blockdevices: [{ name: 'sda', type: 'disk', size: 8e12, serial: 'S1', model: odd }],
    }),
  )
  tool(
    'smartctl',
    JSON.stringify({
      device: { name: '/dev/sda' },
      serial_number: 'S1',
      temperature: { current: 31 },
    }),
  )
  tool(
    'zpool',
    '  pool: tank\n state: ONLINE\u0001\nconfig:\n\tsda  ONLINE  0  0  4\nerrors: none\n',
  )
  tool('dmidecode', 'Handle 0x1\nMemory Device\n\tSize: 8 GB\n')
  const read = parseCollected(collect())
  if ('sentence' in read) throw new Error(read.sentence)
  const seen = readCollected(read.collected)
  expect(seen).toMatchObject({
    simulated: false,
    drives: [{ device: 'sda', serial: 'S1', bytes: 8e12, model: odd, smart: { celsius: 31 } }],
    pools: [{ name: 'tank', state: 'ONLINE' }],
    members: [{ name: 'sda', checksumErrors: 4 }],
    memoryBytes: [8 * 2 ** 30],
    problems: [],
  })
})

test('without tools it is an answer all the same', () => {
  const read = parseCollected(collect())
  expect(read).toMatchObject({ collected: { files: { zpool: '' } } })
})

test('it writes to no disk and asks no network', () => {
  const commands = readFileSync(SCRIPT, 'utf8')
    .split('\n')
    .filter((line) => !line.startsWith('#'))
    .join('\n')
  expect(commands).not.toMatch(/\b(dd|mkfs|wipefs|sgdisk|curl|wget|nc|ssh|rm|mv)\b/)
  // Nothing is written but to the standard output.
  expect(commands.match(/>\s*(?!&|\/dev\/null)\S+/g) ?? []).toEqual([])
})
