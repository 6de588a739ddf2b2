/** How a value is compared with what is asked for. */
export type Comparison = 'at least' | 'at most' | 'under' | 'over' | 'exactly' | 'about'

/** Sizes of drives differ by a little from what they are sold as. */
const ABOUT = 0.01

/** Whether a value is as it is asked for. */
export const isAsked: Record<Comparison, (value: number, asked: number) => boolean> = {
  'at least': (value, asked) => value >= asked,
  'at most': (value, asked) => value <= asked,
  under: (value, asked) => value < asked,
  over: (value, asked) => value > asked,
  exactly: (value, asked) => value === asked,
  about: (value, asked) => Math.abs(value - asked) <= asked * ABOUT,
}
