/** A part by its maker and model, as a sentence names it. */
export function sheetName({ maker, model }: { maker: string; model: string }): string {
  return `${maker} ${model}`
}
