import type { PrintJob } from './printJob'
import { printPdf } from './printPdf'

export default (job: PrintJob): Promise<Uint8Array> => printPdf(job)
