/**
 * How many bytes do drives move for each byte that is changed inside a stripe with parity?
 *
 * Old data and old parity are read, new data and new parity are written: two reads and two writes with single
 * parity, three and three with double.
 *
 * Source: Patterson, Gibson, Katz, "A Case for Redundant Arrays of Inexpensive Disks", SIGMOD 1988, on small writes.
 * @param parity pieces of parity in a stripe
 * @example readModifyWriteLoad(1) // 4
 */
export function readModifyWriteLoad(parity: number): number {
  return 2 * (1 + parity)
}
