/** The steps of the work, in its order; each is a lens on the build sheet. */
export const STEPS = [
  'brief',
  'shell',
  'core',
  'drives',
  'paths',
  'cache',
  'network',
  'power',
  'heat',
  'money',
  'prove',
  'log',
] as const
export type StepId = (typeof STEPS)[number]
