const UNITS: Record<string, number> = { kB: 2 ** 10, MB: 2 ** 20, GB: 2 ** 30, TB: 2 ** 40 }

/**
 * Memory modules from `dmidecode -t memory`; sockets without one are left out.
 *
 * @returns null where no socket is listed at all, as in a virtual machine
 * Source of the form: the manual of dmidecode and SMBIOS type 17, from memory. Its MB and GB are binary.
 */
export function readMemory(text: string): number[] | null {
  const blocks = text.split(/\n(?=Handle )/).filter((block) => /^\s*Memory Device$/m.test(block))
  if (blocks.length === 0) return null
  return blocks.flatMap((block) => {
    const [, digits, unit = ''] = /^\s*Size:\s*(\d+)\s*(kB|MB|GB|TB)/m.exec(block) ?? []
    return digits === undefined ? [] : [Number(digits) * (UNITS[unit] ?? 1)]
  })
}
