import { type Brief, wantedBytes } from '../design/brief'

/** The kinds of data whose usual file is one small block. */
export const smallData = (data: Brief['data'], thresholdBytes: number | null): Brief['data'] =>
  data.filter(({ fileBytes }) => fileBytes <= (thresholdBytes ?? 0))

/**
 * Which files go to a metadata device whole, when it takes small blocks?
 *
 * A file no larger than the threshold is one block, which goes there. Larger ones are made of full records and stay in
 * the pool, but for their last one, which is left out here.
 *
 * Source: OpenZFS property special_small_blocks.
 *
 * @returns bytes of them at the end of the horizon
 */
export function smallBlocks(
  { data, horizonYears }: Pick<Brief, 'data' | 'horizonYears'>,
  thresholdBytes: number | null,
): number {
  return wantedBytes({ data: smallData(data, thresholdBytes), horizonYears })
}
