import Papa from 'papaparse'
import type { CableLine } from './cableList'

/**
 * The cable list as CSV, a row for each cable, with headings for people.
 *
 * Source of the form: RFC 4180, written by a package.
 */
export function cablesToCsv(lines: readonly CableLine[]): string {
  const rows = lines.map(({ cable: { connectors, ends }, host, need, from }, index) => ({
    'No.': index + 1,
    From: host.name,
    Ports: connectors.join(' '),
    'Plug at the port': need.nearPlug ?? '',
    'Plugs at the port': need.nearEnds,
    'Plug at the drives': need.farPlug,
    'Plugs at the drives': need.farEnds,
    'Made for': need.direction,
    'Straight plugs only':
      need.straightOnly === null ? 'not known' : need.straightOnly ? 'yes' : 'no',
    'At least, mm': need.leastMm ?? '',
    To: ends.map(({ name }) => name).join('; '),
    'Comes from': from === null ? '' : from.inBox ? `box of ${from.name}` : from.name,
  }))
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}
