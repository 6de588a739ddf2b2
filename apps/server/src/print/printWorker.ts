import type { PrintJob } from './printer'
import { printPdf } from './printPdf'

export default (job: PrintJob): Promise<Uint8Array> => printPdf(job)
