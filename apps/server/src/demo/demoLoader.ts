import { readdir, readFile } from 'node:fs/promises'
import { basename, join } from 'node:path'
import { catalogueFile, type CataloguePart, type Design, parseDesign } from '@flint/core/editing'
import { readCollected } from '@flint/core/figures'
import { pricesFromCsv } from '@flint/core/files'
import type { CatalogueStore } from '../catalogue/catalogueStore'
import type { DesignStore } from '../designs/designStore'
import type { EventStore } from '../events/eventStore'
import type { PriceStore } from '../prices/priceStore'
import type { CollectedStore } from '../proving/collectedStore'
import { type DemoBench, demoBench } from './demoBench'

/** The order in which the demo designs stand on the shelf. */
const ORDER = ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives']

/** The demo scenario, read from files that a user could import just as well. */
export class DemoLoader {
  constructor(
    private readonly folder: string,
    private readonly designs: DesignStore,
    private readonly catalogue: CatalogueStore,
    private readonly prices: PriceStore,
    private readonly collected: CollectedStore,
    private readonly events: EventStore,
  ) {}

  /** Shipped parts come in at every start; demo designs only onto an empty shelf. */
  async loadWhenEmpty(): Promise<void> {
    await this.catalogue.bringShipped(await this.readParts())
    if (await this.designs.isEmpty()) await this.restore()
  }

  /**
   * Puts the demo designs back as they were shipped. One that was changed gets a new revision, so the
   * changed one is still among its revisions; one that was removed returns.
   */
  async restore(): Promise<void> {
    await this.catalogue.bringShipped(await this.readParts())
    for (const [name, document] of await this.readDesigns()) {
      const there = await this.designs.findDemo(name)
      // What was done at its bench was done before it came here, whenever it is put back.
      const { design, ...bench } = demoBench(name, document, there?.createdAt ?? new Date())
      if (there) await this.designs.put(there.id, design, 'before the demo was restored')
      else {
        const { id } = await this.designs.create(design, { demoName: name })
        await this.fillBench(id, bench)
      }
    }
    // A price that is there already is not kept twice.
    const { prices } = pricesFromCsv(await readFile(join(this.folder, 'prices.csv'), 'utf8'))
    await this.prices.keep(prices)
  }

  private async fillBench(
    designId: string,
    { files, events }: Omit<DemoBench, 'design'>,
  ): Promise<void> {
    for (const file of files) await this.collected.keep(designId, file, readCollected(file))
    if (events.length > 0) await this.events.keep(designId, events)
  }

  private async readParts(): Promise<CataloguePart[]> {
    const text = await readFile(join(this.folder, 'catalogue.json'), 'utf8')
    return catalogueFile.parse(JSON.parse(text)).parts
  }

  private async readDesigns(): Promise<[name: string, document: Design][]> {
    const folder = join(this.folder, 'designs')
    const files = (await readdir(folder)).filter((file) => file.endsWith('.json'))
    const designs = await Promise.all(
      files.map(async (file): Promise<[string, Design]> => {
        const parsed = parseDesign(JSON.parse(await readFile(join(folder, file), 'utf8')))
        if ('design' in parsed) return [basename(file, '.json'), parsed.design]
        throw new Error(`demo/designs/${file}: ${parsed.problems[0]?.sentence ?? 'not a design'}`)
      }),
    )
    return designs.sort(([one], [other]) => ORDER.indexOf(one) - ORDER.indexOf(other))
  }
}
