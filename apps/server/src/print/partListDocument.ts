import { cableWords, formatterFor } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import {
  billGroups,
  type BillLine,
  type CableLine,
  designSummary,
  type DesignSummary,
  type Evaluation,
  evaluate,
  findingWords,
  limitWords,
  linesToChoose,
  type Machine,
  resolveMachine,
  wordsFor,
} from '@flint/core/figures'
import type { Content, ContentCanvas, TDocumentDefinitions } from 'pdfmake/interfaces'

type Format = ReturnType<typeof formatterFor>
/** Text with a look of its own. */
interface LookedAfter {
  text: string
  bold?: boolean
  alignment?: 'right'
}
type Cell = string | LookedAfter

/** Of the drawing on the page, in points of a seventy-second of an inch. */
const DRAWING_POINTS = { width: 240, height: 130 }
const DRIVE_FILL = '#d8d2c6'
const INK = '#24292d'

/**
 * A design as pages to take to the shop: its front, its limits, the part list, what is found, and its cables.
 *
 * @param locale digits and money as their reader writes them; sentences are English
 */
export function partListDocument(design: Design, locale: string): TDocumentDefinitions {
  const format = formatterFor(locale)
  const machine = resolveMachine(design)
  const evaluation = evaluate(design, machine)
  return {
    info: { title: `${design.name}: part list` },
    pageSize: 'A4',
    pageMargins: [40, 40, 40, 46],
    defaultStyle: { fontSize: 9, color: INK },
    styles: {
      h1: { fontSize: 16, bold: true },
      h2: { fontSize: 11, bold: true, margin: [0, 14, 0, 4] },
    },
    footer: (page, pages) => ({
      text: `${design.name} · page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
    }),
    content: [
      { text: design.name, style: 'h1' },
      ...(design.notes === '' ? [] : [{ text: design.notes, margin: [0, 2, 0, 0] } as Content]),
      ...front(designSummary(design).front),
      ...limits(design, evaluation, format),
      ...partList(evaluation, format),
      ...findings(design, evaluation, format),
      ...cables(machine),
    ],
  }
}

function front(drawn: DesignSummary['front']): Content[] {
  const { widthMm, heightMm, fronts, bays } = drawn
  const points = Math.min(DRAWING_POINTS.width / widthMm, DRAWING_POINTS.height / heightMm)
  const box = (x: number, y: number, w: number, h: number, color?: string) => ({
    type: 'rect' as const,
    x: x * points,
    y: y * points,
    w: w * points,
    h: h * points,
    lineWidth: 0.6,
    lineColor: INK,
    ...(color === undefined ? {} : { color }),
  })
  const canvas: ContentCanvas['canvas'] = [
    ...fronts.map((one) => box(0, one.topMm, one.widthMm, one.heightMm)),
    ...bays.flatMap(({ holds, boxes }) =>
      boxes.map(([x, y, w, h]) => box(x, y, w, h, holds === 'nothing' ? undefined : DRIVE_FILL)),
    ),
  ]
  return [
    { text: 'Front', style: 'h2' },
    { canvas, margin: [0, 2, 0, 4] },
  ]
}

function limits(design: Design, { limits: judged }: Evaluation, format: Format): Content[] {
  const words = wordsFor(design, format)
  if (judged.length === 0) return []
  const rows = judged.map((limit): Cell[] => {
    const { title, wanted, has } = limitWords(limit, words)
    return [title, wanted, has, limit.status]
  })
  return [
    { text: 'Against the brief', style: 'h2' },
    table(['Limit', 'Wanted', 'Is', ''], rows, ['auto', '*', '*', 'auto']),
  ]
}

const WHEN = { now: 'To order now', later: 'Later', bought: 'Bought' } as const

function partList({ cost, stillToChoose }: Evaluation, format: Format): Content[] {
  const { currency, total } = cost
  const toChoose = linesToChoose(stillToChoose, format)
  const isLeast = total.missing.length > 0 || toChoose.length > 0
  const least = isLeast ? 'at least ' : ''
  const groups = billGroups(cost, 'when').flatMap(({ of, lines }): Cell[][] =>
    of === 'at hand'
      ? lines.map(atHandCells)
      : [
          [strong('when' in of ? WHEN[of.when] : of.shop), '', '', '', '', ''],
          ...lines.map((line) => lineCells(line, currency, format)),
        ],
  )
  const open = toChoose.map(({ name, pieces }): Cell[] => [
    name,
    right(format.number(pieces)),
    '',
    '',
    'still to choose',
    'not known',
  ])
  return [
    { text: 'Part list', style: 'h2' },
    table(
      ['Part', 'Pieces', 'Each', 'Shipping', 'Condition, shop, day', 'To pay'],
      [
        ...groups,
        ...open,
        [
          strong('Together'),
          '',
          '',
          '',
          '',
          right(`${least}${format.money(total.likely, currency)}`, true),
        ],
      ],
      ['*', 'auto', 'auto', 'auto', 'auto', 'auto'],
    ),
  ]
}

const atHandCells = ({ name, owned, included }: BillLine): Cell[] => [
  name,
  String(owned + included),
  '',
  '',
  owned > 0 ? 'owned' : 'comes with another',
  '',
]

function lineCells(line: BillLine, currency: string, format: Format): Cell[] {
  const { name, pieces, price, condition, shop, on, sumMinor } = line
  const asked = (minor: number | null | undefined): Cell =>
    price && minor !== null && minor !== undefined
      ? right(format.money(minor, price.currency))
      : 'not known'
  return [
    name,
    right(format.number(pieces)),
    asked(price?.unitMinor),
    asked(price?.shippingMinor),
    [condition, shop, on ?? ''].filter(Boolean).join(', '),
    sumMinor === null ? 'not known' : right(format.money(sumMinor, currency)),
  ]
}

function findings(design: Design, { findings: found }: Evaluation, format: Format): Content[] {
  if (found.length === 0) return []
  const words = wordsFor(design, format)
  return [
    { text: 'Found', style: 'h2' },
    {
      ul: found.map((finding) => `${finding.severity}: ${findingWords(finding, words).sentence}`),
    },
  ]
}

function cables({ cables: { lines } }: Machine): Content[] {
  if (lines.length === 0) return []
  const comesFrom = (from: CableLine['from']): string =>
    from === null ? 'to get' : from.inBox ? `box of ${from.name}` : from.name
  const rows = lines.map(({ cable, host, need, from }, index): Cell[] => [
    String(index + 1),
    `${host.name} ${cable.connectors.join(' ')}`,
    cable.ends.map(({ name }) => name).join('; '),
    cableWords(need),
    need.leastMm === null ? 'measure' : `${need.leastMm} mm`,
    comesFrom(from),
  ])
  return [
    { text: 'Cables', style: 'h2' },
    table(['No.', 'From port', 'To', 'Cable', 'At least', 'Comes from'], rows, [
      'auto',
      'auto',
      '*',
      '*',
      'auto',
      'auto',
    ]),
  ]
}

const strong = (text: string): LookedAfter => ({ text, bold: true })
const right = (text: string, bold = false): LookedAfter => ({ text, alignment: 'right', bold })

function table(head: string[], rows: Cell[][], widths: ('*' | 'auto')[]): Content {
  return {
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      widths,
      body: [head.map(strong), ...rows],
    },
  }
}
