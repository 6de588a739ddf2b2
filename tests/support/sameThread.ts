// What the server does on threads of their own, done on the thread of the test.
import { designSummary } from '@flint/core/figures'
import type { Summariser } from '../../apps/server/src/designs/summariser'
import type { Printer } from '../../apps/server/src/print/printer'
import { printPdf } from '../../apps/server/src/print/printPdf'

export const summariserHere: Summariser = {
  madeBy: 'here',
  summarise: ({ design }) => Promise.resolve(designSummary(design)),
  close: () => Promise.resolve(),
}

export const printerHere: Printer = {
  print: (job) => printPdf(job),
  close: () => Promise.resolve(),
}
