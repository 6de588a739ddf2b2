import { COLLECTED_FORMAT, COLLECTED_VERSION, type CollectedFile } from './collectedFile'
import { parseCollected } from './readCollected'

/** What of a collected file the answer of a tool goes into, and how it is known. */
const TEXTS: readonly { into: 'zpool' | 'mdstat' | 'lspci' | 'memory' | 'space'; is: RegExp }[] = [
  { into: 'zpool', is: /^\s*pool:\s*\S/m },
  { into: 'mdstat', is: /^(Personalities\s*:|md\S* : )/m },
  { into: 'lspci', is: /^Slot:\s/m },
  { into: 'memory', is: /^\s*Memory Device\s*$/m },
  { into: 'space', is: /^\S+\t\d+\t\d+\s*$/m },
]

/**
 * Reads what somebody has pasted: a whole collected file, or answers of tools one after another, as `lsblk -J`,
 * `smartctl -j -a`, `zpool status`, `/proc/mdstat`, `lspci -vmm` and `dmidecode -t memory` print them.
 *
 * @param at when it was pasted, for answers that do not say it themselves
 * @returns what is wrong with it as a sentence, where nothing in it is known
 */
export function readPasted(
  text: string,
  at: string,
): { collected: CollectedFile } | { sentence: string } {
  const { values, rest, isCutOff } = jsonValuesIn(text)
  const whole = values.find((value) => fieldOf(value, 'format') !== undefined)
  if (whole !== undefined) return parseCollected(whole)
  if (isCutOff) return { sentence: 'It is cut off: a JSON text in it does not end.' }
  const lsblk = values.find((value) => fieldOf(value, 'blockdevices') !== undefined)
  const smart = values.filter((value) => fieldOf(value, 'smartctl') ?? fieldOf(value, 'device'))
  const texts = TEXTS.filter(({ is }) => is.test(rest)).map(({ into }) => [into, rest] as const)
  if (lsblk === undefined && smart.length === 0 && texts.length === 0) {
    return { sentence: 'Nothing in it is known: it is no answer of a tool that is named here.' }
  }
  return parseCollected({
    format: COLLECTED_FORMAT,
    version: COLLECTED_VERSION,
    at,
    files: {
      ...(lsblk === undefined ? {} : { lsblk: JSON.stringify(lsblk) }),
      smart: smart.map((value) => JSON.stringify(value)),
      ...Object.fromEntries(texts),
    },
  })
}

const fieldOf = (value: unknown, name: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[name] : undefined

/**
 * The JSON objects of a text, each from a line that begins with a brace to the brace that closes it, and the lines that are
 * in none. Each character is looked at once, as a pasted answer may have megabytes.
 */
function jsonValuesIn(text: string): { values: unknown[]; rest: string; isCutOff: boolean } {
  const values: unknown[] = []
  const rest: string[] = []
  let at = 0
  while (at < text.length) {
    const lineEnd = text.indexOf('\n', at)
    const end = lineEnd === -1 ? text.length : lineEnd
    if (!text.slice(at, end).trimStart().startsWith('{')) {
      rest.push(text.slice(at, end))
      at = end + 1
      continue
    }
    const close = closingBrace(text, text.indexOf('{', at))
    if (close === -1) return { values, rest: rest.join('\n'), isCutOff: true }
    const value = parsed(text.slice(at, close + 1))
    if (value !== undefined) values.push(value)
    at = close + 1
  }
  return { values, rest: rest.join('\n'), isCutOff: false }
}

/** Where the object ends that begins at a brace; -1 where it does not. Braces within texts count for nothing. */
function closingBrace(text: string, from: number): number {
  let depth = 0
  let isText = false
  for (let at = from; at < text.length; at += 1) {
    const sign = text[at]
    if (isText) {
      if (sign === '\\') at += 1
      else if (sign === '"') isText = false
    } else if (sign === '"') isText = true
    else if (sign === '{') depth += 1
    else if (sign === '}') {
      depth -= 1
      if (depth === 0) return at
    }
  }
  return -1
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}
