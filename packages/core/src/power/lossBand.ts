/** Watts lost in a supply, as a band. */
export interface LossBand {
  low: number
  likely: number
  high: number
}

/** Each end of a band. */
export const mapBand = (band: LossBand, change: (value: number) => number): LossBand => ({
  low: change(band.low),
  likely: change(band.likely),
  high: change(band.high),
})

/** The ends of several bands, each put together by itself. */
export const joinBands = (
  bands: readonly LossBand[],
  join: (...values: number[]) => number,
): LossBand => ({
  low: join(...bands.map(({ low }) => low)),
  likely: join(...bands.map(({ likely }) => likely)),
  high: join(...bands.map(({ high }) => high)),
})
