/**
 * Over how many of several joined links do some flows go, on average?
 *
 * A switch and a bond choose the link of each flow by its addresses, as good as at random, and never split a
 * flow; two readers can meet on one link while another is idle.
 *
 * @param links joined links, at least 1
 * @param flows readers at once
 * Source: expected number of boxes that are hit, links × (1 − (1 − 1/links)^flows); a textbook result.
 * @example expectedLinks(4, 4) // 2.734
 */
export function expectedLinks(links: number, flows: number): number {
  return links * (1 - (1 - 1 / links) ** flows)
}
