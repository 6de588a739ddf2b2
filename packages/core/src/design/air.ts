import { z } from 'zod'

/** How full of dust the filters are. */
export const FILTER_STATES = ['clean', 'half', 'clogged'] as const
export type FilterState = (typeof FILTER_STATES)[number]

/** How the air of the machine is set, as far as no data sheet says it. */
export const airChoices = z.strictObject({
  /** Speed of the fans that the board governs, as a share of their full speed; null for as they come. */
  fanDuty: z.number().min(0.2).max(1).nullable().default(null),
  filters: z.enum(FILTER_STATES).default('clean'),
  cover: z.enum(['on', 'off']).default('on'),
  /** Whether the gap beside fans between drives and board is closed, with foam or tape. */
  gapClosed: z.boolean().default(false),
  /** Whether the vents at its rear are covered: by a wall, cloth or cables. */
  ventsCovered: z.boolean().default(false),
})
export type AirChoices = z.infer<typeof airChoices>

export const NO_AIR_CHOICES: AirChoices = {
  fanDuty: null,
  filters: 'clean',
  cover: 'on',
  gapClosed: false,
  ventsCovered: false,
}

/** Speed at which data sheets give watts and noise of fans, and that they are taken to run at. Common practice, no source. */
export const USUAL_FAN_DUTY = 0.4

/** The speed that fans run at, as a share of their full speed. */
export const fanDutyOf = ({ fanDuty }: Pick<AirChoices, 'fanDuty'>): number =>
  fanDuty ?? USUAL_FAN_DUTY
