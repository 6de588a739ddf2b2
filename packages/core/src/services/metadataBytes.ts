import type { Brief } from '../design/brief'

/**
 * What a file system notes of each file and of each record of it.
 * Source: OpenZFS on-disk format, dnode of 512 bytes and block pointer of 128 bytes, each kept twice; from memory.
 */
const PER_FILE_BYTES = 2 * 512
const PER_RECORD_BYTES = 2 * 128
/** A name in a folder. Common practice, no source. */
const PER_NAME_BYTES = 2 * 512

/**
 * How much metadata do the files of a brief make, at the end of its horizon?
 *
 * From the counts and sizes of files; data of images is one file of many small records.
 *
 * @param recordBytes of the pool
 */
export function metadataBytes(
  { data, horizonYears }: Pick<Brief, 'data' | 'horizonYears'>,
  recordBytes: number,
): number {
  return data.reduce((sum, { nowBytes, growthBytesPerYear, fileBytes }) => {
    const bytes = nowBytes + growthBytesPerYear * horizonYears
    const files = Math.ceil(bytes / fileBytes)
    const records = Math.ceil(bytes / Math.min(recordBytes, fileBytes))
    return sum + files * (PER_FILE_BYTES + PER_NAME_BYTES) + records * PER_RECORD_BYTES
  }, 0)
}
