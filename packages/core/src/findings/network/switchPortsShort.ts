import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import { switchPorts } from '../../paths/switchPorts'

interface Facts {
  needed: number
  has: number
}

/** A switch of the design with fewer ports than are plugged into it. */
export const switchPortsShort: Rule<'switch-ports-short', Facts> = {
  code: 'switch-ports-short',
  step: 'network',
  find: ({ brief, pools, network, tenants, machine }) => {
    const switches = piecesOf(machine, 'switch')
    // Without one in the design the house has its own.
    if (switches.length === 0) return []
    const { ofMachine, ofReaders, forWiFi, has } = switchPorts(
      { brief, pools, network, tenants },
      machine,
    )
    const silent = switches.filter(({ dataSheet }) => dataSheet.ports === null)
    if (has === null) {
      const missing = silent.flatMap((piece) => missingOf(piece, 'ports'))
      return [lack(missing, { parts: silent })]
    }
    const needed = ofMachine + ofReaders + forWiFi
    return needed > has ? [found('blocks', { parts: switches }, { needed, has })] : []
  },
  sentence: ({ needed, has }, { format }) =>
    `${format.counted(needed, 'cable')} go to a switch, and the switch of the design has ${format.counted(has, 'port')}.`,
  question: 'whether the switch has a port for every cable',
}
