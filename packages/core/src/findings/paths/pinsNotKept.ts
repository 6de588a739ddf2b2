import { sameEnd, sameLead } from '../../design/pathChoices'
import type { Rule } from '../../judging/rule'
import { isPortOf } from '../../machine/wiring/portHosts'

/** What the builder has fixed and cannot be: two cards in one slot, a cable to a port that is not there. */
export const pinsNotKept: Rule = ({ design, machine }, format) => {
  const { cardPins, m2Pins, portPins, leadPins } = design.paths
  const placePins = cardPins.length + m2Pins.length
  const placesLost = placePins > 0 && !machine.placePinsKept && machine.placement.placed.length > 0
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
  const count = (placesLost ? placePins : 0) + portsLost.length + leadsLost.length
  if (count === 0) return []
  const what = [
    placesLost ? 'the slots of cards' : '',
    portsLost.length > 0 ? `the port of ${format.counted(portsLost.length, 'cable')}` : '',
    leadsLost.length > 0 ? `the lead of ${format.counted(leadsLost.length, 'plug')}` : '',
  ].filter(Boolean)
  return [
    {
      code: 'pins-not-kept',
      severity: 'risks',
      step: 'paths',
      partIds: placesLost
        ? [...cardPins.map(({ cardId }) => cardId), ...m2Pins.map(({ deviceId }) => deviceId)]
        : [],
      groupIds: [],
      sentence: `${format.counted(count, 'choice')} of yours cannot be kept and ${count === 1 ? 'is' : 'are'} left out: ${what.join(', ')}. There is no such place, or no room in it.`,
      numbers: { pins: count },
      fix: {
        label: 'Drop these choices',
        edit: {
          do: 'drop-pins',
          places: placesLost,
          ports: portsLost.map(({ end }) => end),
          leads: leadsLost.map(({ end }) => end),
        },
      },
    },
  ]
}
