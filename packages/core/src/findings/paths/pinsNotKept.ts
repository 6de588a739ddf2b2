import { sameEnd, sameLead } from '../../design/pathChoices'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { isPortOf } from '../../machine/wiring/portHosts'

interface Facts {
  /** Slots and sockets, ports of cables, and leads that were fixed and cannot be. */
  places: number
  ports: number
  leads: number
}

/** What the builder has fixed and cannot be: two cards in one slot, a cable to a port that is not there. */
export const pinsNotKept: Rule<'pins-not-kept', Facts> = {
  code: 'pins-not-kept',
  step: 'paths',
  find: ({ paths, machine }) => {
    const { cardPins, m2Pins, portPins, leadPins } = paths
    const placePins = cardPins.length + m2Pins.length
    if (placePins + portPins.length + leadPins.length === 0) return []
    const isPlacesLost =
      placePins > 0 && !machine.placePinsKept && machine.placement.placed.length > 0
    const { data, power } = machine.wiring
    const hostOf = new Map(data.hosts.map((host) => [host.id, host]))
    const portsLost = portPins.filter(
      ({ end, port }) =>
        !data.cables.some((cable) => {
          const host = hostOf.get(cable.hostId)
          return (
            host !== undefined &&
            isPortOf(host, port) &&
            cable.connectors.includes(port.connector) &&
            cable.ends.some(({ ref }) => sameEnd(ref, end))
          )
        }),
    )
    const leadOf = new Map(power?.leads.map(({ lead }) => [lead.key, lead.ref]))
    const leadsLost = leadPins.filter(({ end, lead }) => {
      if (!power) return false
      return !power.feeds.some((feed) => {
        const ref = leadOf.get(feed.leadKey)
        return ref !== undefined && sameEnd(feed.end.ref, end) && sameLead(ref, lead)
      })
    })
    const facts = {
      places: isPlacesLost ? placePins : 0,
      ports: portsLost.length,
      leads: leadsLost.length,
    }
    if (facts.places + facts.ports + facts.leads === 0) return []
    const partIds = isPlacesLost
      ? [...cardPins.map(({ cardId }) => cardId), ...m2Pins.map(({ deviceId }) => deviceId)]
      : []
    const fix = {
      do: 'drop-pins' as const,
      places: isPlacesLost,
      ports: portsLost.map(({ end }) => end),
      leads: leadsLost.map(({ end }) => end),
    }
    return [found('risks', { partIds }, facts, { fix })]
  },
  sentence: ({ places, ports, leads }, { format }) => {
    const count = places + ports + leads
    const what = [
      places > 0 ? 'the slots of cards' : '',
      ports > 0 ? `the port of ${format.counted(ports, 'cable')}` : '',
      leads > 0 ? `the lead of ${format.counted(leads, 'plug')}` : '',
    ].filter(Boolean)
    return `${format.counted(count, 'choice')} of yours cannot be kept and ${count === 1 ? 'is' : 'are'} left out: ${what.join(', ')}. There is no such place, or no room in it.`
  },
}
