import type { Link, Scenario, ScenarioRates } from '@flint/core/figures'
import { WithTerms } from '../../terms/WithTerms'
import { format } from '../../controls/locale'
import styles from './paths.module.css'

const SECONDS_PER_HOUR = 3_600

interface ScenarioWordsProps {
  scenario: Scenario
  rates: ScenarioRates
  /** With a card or cable where it is held just now; null when none is. */
  wouldBe: ScenarioRates | null
}

/** How fast the work goes, what holds it back, how long it takes, and what a wider link would bring. */
export function ScenarioWords({ scenario, rates, wouldBe }: ScenarioWordsProps) {
  const { flows, bytesPerSecond, narrowest, alike, gainWhenDoubled, seconds, secondsToday } = rates
  if (flows.length === 0) {
    return (
      <p className={styles.words}>
        <WithTerms text={scenario.about} /> Nothing moves: there is no pool for it, no redundancy or
        no network port.
      </p>
    )
  }
  return (
    <div className={styles.words} role="status">
      <p>
        <WithTerms text={scenario.about} />
      </p>
      <p>
        <span className="figure">{format.rate(bytesPerSecond)}</span> together
        {wouldBe && (
          <span className={styles.wouldBe}> → {format.rate(wouldBe.bytesPerSecond)} here</span>
        )}
        {seconds !== null && (
          <>
            , <span className="figure">{timeText(seconds)}</span>{' '}
            {secondsToday === null ? (
              'in all'
            ) : (
              <>
                when the pools are full, <span className="figure">{timeText(secondsToday)}</span>{' '}
                with what is stored today
              </>
            )}
          </>
        )}
        .{' '}
        {narrowest ? (
          <>
            Held back by {nameWords(narrowest, alike)} ({narrowest.reason}).{' '}
            {gainWhenDoubled > 1.005
              ? `Twice as quick there, it would be ${format.number(gainWhenDoubled, 2)} times as fast.`
              : 'Twice as quick there alone, the next link would hold it back at once.'}
          </>
        ) : (
          'No link holds it back.'
        )}
      </p>
    </div>
  )
}

const KINDS: Partial<Record<Link['kind'], string>> = {
  platter: 'drives',
  port: 'ports',
  network: 'network ports',
  reader: 'links of readers',
  slot: 'slots',
  'M.2': 'M.2 sockets',
  cable: 'cables',
  expander: 'expanders',
  controller: 'chips of controllers',
  USB: 'USB links',
}

/** "12 drives, as Keep 12", or the link's own name. */
function nameWords({ kind: linkKind, name }: Link, alike: number): string {
  const kind = KINDS[linkKind]
  return alike > 1 && kind ? `${format.number(alike)} ${kind}, as ${name}` : name
}

function timeText(seconds: number): string {
  const hours = seconds / SECONDS_PER_HOUR
  return hours < 1 ? `${format.number(seconds / 60)} minutes` : `${format.number(hours, 1)} hours`
}
