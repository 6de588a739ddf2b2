import type { CataloguePart } from './partKinds'

/** A part as an edit carries it, without what a list of the catalogue says beside it. */
export function cataloguedPart({
  slug,
  version,
  sheet,
  price,
  ownedPieces,
}: CataloguePart): CataloguePart {
  return { slug, version, sheet, price, ...(ownedPieces === undefined ? {} : { ownedPieces }) }
}
