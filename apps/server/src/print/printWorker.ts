import type { PrintJob } from './printer'
import { printPartList } from './printPartList'

export default ({ design, locale }: PrintJob): Promise<Uint8Array> => printPartList(design, locale)
