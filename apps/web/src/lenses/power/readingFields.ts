import type { SendReading } from '@flint/contract'

/** A reading while it is written down; watts are null until somebody gives them. */
export type ReadingDraft = Omit<SendReading, 'watts' | 'takenAt'> & { watts: number | null }

export const NEW_READING: ReadingDraft = {
  watts: null,
  state: 'spinning',
  lidClosed: true,
  peripheralsOut: true,
  minutesWaited: 30,
  source: 'bench',
}

/** What makes a reading worth something. Common practice, no source. */
export const PROTOCOL = [
  'Say which state it is: in the menus of the firmware nothing sleeps, and no idle figure comes of it.',
  'Pull out screen, keyboard and sticks, and close the lid.',
  'Wait half an hour after the start, and as long as disks take to stop.',
  'Read the mean of ten minutes, not a moment.',
  'Leave the supply closed, and the meter between plug and wall.',
]

/** Minutes after which a machine has settled. Common practice, no source. */
const SETTLED_MINUTES = 30

/**
 * What of the protocol a reading leaves open, so that nobody takes it for more than it is.
 * @example conditionDoubts({ lidClosed: true, peripheralsOut: true, minutesWaited: 45, state: 'spinning' }) // []
 */
export function conditionDoubts({
  state,
  lidClosed,
  peripheralsOut,
  minutesWaited,
}: Pick<SendReading, 'state' | 'lidClosed' | 'peripheralsOut' | 'minutesWaited'>): string[] {
  return [
    ...(state ? [] : ['state not said']),
    ...(lidClosed === true ? [] : [lidClosed === false ? 'lid open' : 'lid not said']),
    ...(peripheralsOut === true
      ? []
      : [peripheralsOut === false ? 'screen or keyboard plugged in' : 'peripherals not said']),
    ...(typeof minutesWaited !== 'number'
      ? ['wait not said']
      : minutesWaited < SETTLED_MINUTES
        ? [`after ${minutesWaited} minutes only`]
        : []),
  ]
}
