/**
 * The name under which a part is kept, made from its maker and model.
 * @example slugOf({ maker: 'Ashgrove Works', model: 'Hearth 4½' }) // 'ashgrove-works-hearth-41-2'
 */
export function slugOf({ maker, model }: { maker: string; model: string }): string {
  const slug = `${maker} ${model}`
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 70)
    .replace(/-$/, '')
  return slug || 'part'
}
