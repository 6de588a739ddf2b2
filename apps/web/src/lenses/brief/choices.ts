import type { Brief, HouseRules } from '@flint/core/editing'
import type { ComponentProps } from 'react'
import type { BriefChoice } from './BriefChoice'

type Choice = ComponentProps<typeof BriefChoice>

export const mains: Choice = {
  label: 'Mains',
  options: [
    { value: '230', text: '230 V' },
    { value: '115', text: '115 V' },
  ],
  valueOf: ({ brief }) => String(brief.mainsVolts),
  change: (value) => ({
    do: 'change-brief',
    change: { mainsVolts: value === '115' ? 115 : 230 },
  }),
}

export const idleState: Choice = {
  label: 'The limit is about',
  options: [
    { value: 'spinning', text: 'disks spinning', help: 'The system runs and nobody reads.' },
    { value: 'asleep', text: 'disks asleep', help: 'The system runs and all disks have stopped.' },
    { value: 'mean', text: 'the mean of a week', help: 'By the hours that the lens Power shows.' },
  ],
  valueOf: ({ brief }) => brief.idleState,
  change: (value) => ({
    do: 'change-brief',
    change: { idleState: value as Brief['idleState'] },
  }),
}

export const dataUnit: Choice = {
  label: 'Sizes of data in',
  options: [
    { value: 'TiB', text: 'TiB', help: 'as file systems count: 1 TiB is 1.1 TB' },
    {
      value: 'TB',
      text: 'TB',
      help: 'as drives are sold; a size with its unit is taken either way',
    },
  ],
  valueOf: ({ brief }) => brief.dataUnit,
  change: (value) => ({
    do: 'change-brief',
    change: { dataUnit: value === 'TB' ? 'TB' : 'TiB' },
  }),
}

/** Those of most home labs come first. */
const OFTEN = ['EUR', 'USD', 'GBP', 'CHF', 'SEK', 'PLN', 'CAD', 'AUD', 'JPY']
const ALL_CURRENCIES = Intl.supportedValuesOf('currency')

/** Every currency of ISO 4217 that the browser knows. */
export const currency: Choice = {
  label: 'Currency',
  options: [...OFTEN, ...ALL_CURRENCIES.filter((code) => !OFTEN.includes(code))].map((code) => ({
    value: code,
    text: code,
  })),
  valueOf: ({ brief }) => brief.currency,
  change: (value) => ({ do: 'change-brief', change: { currency: value } }),
}

const MEMORY_SCHOOLS: Record<HouseRules['memory'], string> = {
  '1 GiB per TB': 'Room for the file system to keep its maps of large pools at hand.',
  'floor of 8 GiB': 'Cheapest; plain file serving hardly notices.',
  'as much as fits': 'What is read again comes from memory, before any cache drive.',
}

const ECC_SCHOOLS: Record<HouseRules['ecc'], string> = {
  required: 'A flipped bit is mended before it is written; fewer boards and CPUs to choose from.',
  worthwhile: 'Taken where it is cheap; a free choice of boards and CPUs.',
}

/** Rules as builders say them; the document has names of its own. */
const RULE_WORDS: Record<HouseRules['memory'] | HouseRules['ecc'], string> = {
  '1 GiB per TB': '1 GiB per TB of drives',
  'floor of 8 GiB': 'at least 8 GiB',
  'as much as fits': 'as much as fits',
  required: 'required',
  worthwhile: 'preferred',
}

const schools = <Rule extends keyof typeof RULE_WORDS>(texts: Record<Rule, string>) =>
  (Object.keys(texts) as Rule[]).map((value) => ({
    value,
    text: RULE_WORDS[value],
    help: texts[value],
  }))

export const memoryRule: Choice = {
  label: 'Memory rule',
  options: schools(MEMORY_SCHOOLS),
  valueOf: ({ houseRules }) => houseRules.memory,
  change: (value) => ({
    do: 'change-house-rules',
    change: { memory: value as HouseRules['memory'] },
  }),
}

const ALWAYS_SPIN = 'always spin'

/** Minutes that builders choose; another one of a file is kept. */
const SLEEP_MINUTES = ['10', '20', '30', '60']

export const sleepRule: Choice = {
  label: 'Disks without work',
  options: [
    {
      value: ALWAYS_SPIN,
      text: 'always spin',
      help: 'Some say that starting wears a disk most; every file is there at once.',
    },
    ...SLEEP_MINUTES.map((minutes) => ({
      value: minutes,
      text: `stop after ${minutes} min`,
      help: 'Others save the watts: a disk is rated for far more starts than this makes.',
    })),
  ],
  valueOf: ({ houseRules }) =>
    houseRules.spinDownMinutes === null ? ALWAYS_SPIN : String(houseRules.spinDownMinutes),
  change: (value) => ({
    do: 'change-house-rules',
    change: { spinDownMinutes: value === ALWAYS_SPIN ? null : Number(value) },
  }),
}

export const eccRule: Choice = {
  label: 'ECC memory',
  options: schools(ECC_SCHOOLS),
  valueOf: ({ houseRules }) => houseRules.ecc,
  change: (value) => ({ do: 'change-house-rules', change: { ecc: value as HouseRules['ecc'] } }),
}
