import type { DesignDocument } from '../../design/document'
import { fittedOne } from '../../design/fittedParts'
import { cardPins, placementsWith } from '../../paths/placements'
import { wiringOf } from '../../paths/wiring/wiring'
import type { Rule } from '../rule'

/** What the builder has fixed and cannot be: two cards in one slot, a cable to a port that is not there. */
export const pinsNotKept: Rule = (document, { bays }, say) => {
  const { cardPins: cards, portPins, leadPins } = document.paths
  if (cards.length + portPins.length + leadPins.length === 0) return []
  const slots = fittedOne(document, 'board')?.sheet.slots
  const cardsLost =
    slots && cards.length > 0 && placementsWith(document, cardPins(document)).length === 0
  const { data, power } = wiringOf(document, bays)
  const portsLost = portPins.filter(
    ({ end, hostId, connector }) =>
      !data.cables.some(
        (cable) =>
          cable.host.id === hostId &&
          cable.connectors.includes(connector) &&
          cable.ends.some(({ id }) => id === end),
      ),
  )
  const leadsLost = leadPins.filter(
    ({ end, lead }) =>
      power && !power.feeds.some((feed) => feed.end.id === end && feed.lead.id === lead),
  )
  const count = (cardsLost ? cards.length : 0) + portsLost.length + leadsLost.length
  if (count === 0) return []
  const what = [
    cardsLost ? 'the slots of cards' : '',
    portsLost.length > 0 ? `the port of ${portsLost.map(({ end }) => end).join(', ')}` : '',
    leadsLost.length > 0 ? `the lead of ${leadsLost.map(({ end }) => end).join(', ')}` : '',
  ].filter(Boolean)
  return [
    {
      code: 'pins-not-kept',
      severity: 'risks',
      step: 'paths',
      partIds: cardsLost ? cards.map(({ cardId }) => cardId) : [],
      groupIds: [],
      sentence: `${say.counted(count, 'choice')} of yours cannot be kept and ${count === 1 ? 'is' : 'are'} left out: ${what.join(', ')}. There is no such place, or no room in it.`,
      numbers: { pins: count },
      fix: {
        label: 'Drop these choices',
        apply: (before: DesignDocument) => ({
          ...before,
          paths: {
            ...before.paths,
            cardPins: cardsLost ? [] : before.paths.cardPins,
            portPins: before.paths.portPins.filter(
              (pin) => !portsLost.some(({ end }) => end === pin.end),
            ),
            leadPins: before.paths.leadPins.filter(
              (pin) => !leadsLost.some(({ end }) => end === pin.end),
            ),
          },
        }),
      },
    },
  ]
}
