/** More digits than this say nothing to anybody. */
const MOST_DIGITS = 6

/**
 * Two figures written with as few digits as tell them apart, so that rounding never makes a figure look as if it
 * kept a limit that it misses. Equal figures look the same.
 *
 * @param write writes one of them with so many digits after the point
 * @param digits to begin with
 * @example apart(40.2, 40, (watts, digits) => `${watts.toFixed(digits)} W`) // ['40.2 W', '40.0 W']
 */
export function apart(
  one: number,
  other: number,
  write: (value: number, digits?: number) => string,
  digits = 0,
): [string, string] {
  let texts: [string, string] = [write(one, digits), write(other, digits)]
  for (let more = digits + 1; more <= MOST_DIGITS; more += 1) {
    if (one === other || texts[0] !== texts[1]) break
    texts = [write(one, more), write(other, more)]
  }
  return texts
}
