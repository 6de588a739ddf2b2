import Papa from 'papaparse'
import type { CableLine } from './cableList'

/**
 * The cable list as CSV, a row for each cable.
 *
 * Source of the form: RFC 4180, written by a package.
 */
export function cablesToCsv(lines: readonly CableLine[]): string {
  const rows = lines.map(({ cable: { connectors, ends }, host, need, from }, index) => ({
    number: index + 1,
    host: host.name,
    ports: connectors.join(' '),
    nearPlug: need.nearPlug ?? '',
    nearEnds: need.nearEnds,
    farPlug: need.farPlug,
    farEnds: need.farEnds,
    direction: need.direction,
    straightPlugsOnly: need.straightOnly === null ? 'not known' : need.straightOnly ? 'yes' : 'no',
    leastMm: need.leastMm ?? '',
    to: ends.map(({ name }) => name).join('; '),
    comesFrom: from === null ? '' : from.inBox ? `box of ${from.name}` : from.name,
  }))
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}
