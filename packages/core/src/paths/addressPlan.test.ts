import fc from 'fast-check'
import ipaddr from 'ipaddr.js'
import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { ownBlocks, putReader } from '../design/edits/changeNetwork'
import { newReader, type Reader } from '../design/readers'
import { resolveMachine } from '../machine/resolveMachine'
import { addressText, blockText, maskText, overlap, readBlock } from '../network/addressBlock'
import { freeBlocks, PRIVATE_BLOCKS } from '../network/freeBlocks'
import { addressPlan } from './addressPlan'

const four = withPart(changeBrief(demoDesign('cabin-archive'), { readers: [] }), 'wickmere-four')
const direct = (id: string): Reader => ({
  ...newReader(id, id),
  way: 'direct',
  bitsPerSecond: 1e9,
  port: { pieceId: 'nic-1', number: Number(id.at(-1)) },
  metres: 5,
})
const wired: Design = ['desk-1', 'desk-2', 'desk-3'].map(direct).reduce(putReader, four)
const planOf = (design: Design) => addressPlan(design, resolveMachine(design))

/** The first and the last address of a block, by a library that others wrote. */
function range(block: string): [first: number, last: number] {
  const number = (address: ipaddr.IPv4): number =>
    address.toByteArray().reduce((sum, part) => sum * 256 + part, 0)
  return [
    number(ipaddr.IPv4.networkAddressFromCIDR(block)),
    number(ipaddr.IPv4.broadcastAddressFromCIDR(block)),
  ]
}
const meet = (one: string, other: string): boolean => {
  const [[first, last], [otherFirst, otherLast]] = [range(one), range(other)]
  return first <= otherLast && otherFirst <= last
}

test('each cable is a private network of its own, both ends in it, clear of the house', () => {
  const plan = planOf(ownBlocks(wired, ['10.2.0.0/16', '192.168.7.0/24']))
  expect(plan.map(({ reader }) => reader.id)).toEqual(['desk-1', 'desk-2', 'desk-3'])
  for (const [at, { block, mask, serverAddress, readerAddress }] of plan.entries()) {
    const [address, prefix] = ipaddr.IPv4.parseCIDR(block)
    expect(address.range()).toBe('private')
    expect(ipaddr.IPv4.subnetMaskFromPrefixLength(prefix).toString()).toBe(mask)
    for (const end of [serverAddress, readerAddress]) {
      expect(ipaddr.IPv4.parse(end).match(address, prefix)).toBe(true)
      expect(end).not.toBe(ipaddr.IPv4.networkAddressFromCIDR(block).toString())
      expect(end).not.toBe(ipaddr.IPv4.broadcastAddressFromCIDR(block).toString())
    }
    expect(serverAddress).not.toBe(readerAddress)
    expect(meet(block, '10.2.0.0/16')).toBe(false)
    for (const other of plan.slice(at + 1)) expect(meet(block, other.block)).toBe(false)
  }
})

test('who comes over a switch needs no address of the plan', () => {
  const over = { ...direct('desk-1'), way: 'switch' as const }
  expect(planOf(putReader(wired, over)).map(({ reader }) => reader.id)).toEqual([
    'desk-2',
    'desk-3',
  ])
  expect(planOf(four)).toEqual([])
})

const block = fc
  .record({ address: fc.nat({ max: 2 ** 32 - 1 }), prefix: fc.integer({ min: 8, max: 30 }) })
  .map(({ address, prefix }) => {
    const first = Math.floor(address / 2 ** (32 - prefix)) * 2 ** (32 - prefix)
    return { first, prefix }
  })

test('blocks are read, written and compared as another library does it', () => {
  fc.assert(
    fc.property(block, block, (one, other) => {
      const [text, another] = [blockText(one), blockText(other)]
      expect(readBlock(text)).toEqual(one)
      expect(range(text)[0]).toBe(one.first)
      expect(ipaddr.IPv4.subnetMaskFromPrefixLength(one.prefix).toString()).toBe(
        maskText(one.prefix),
      )
      expect(overlap(one, other)).toBe(meet(text, another))
    }),
  )
  for (const wrong of ['10.0.0.0', '10.0.0.256/24', '10.0.0.0/33', '10.0.0.1/24', 'house']) {
    expect(readBlock(wrong)).toBeNull()
  }
})

test('free blocks are private, apart, and clear of all that is taken', () => {
  fc.assert(
    fc.property(fc.array(block, { maxLength: 12 }), (taken) => {
      const texts = taken.map(blockText)
      const found = freeBlocks(texts, 5).map(blockText)
      for (const [at, text] of found.entries()) {
        expect(PRIVATE_BLOCKS.some((all) => meet(all, text))).toBe(true)
        expect(texts.some((other) => meet(other, text))).toBe(false)
        expect(found.slice(at + 1).some((other) => meet(other, text))).toBe(false)
      }
    }),
    { numRuns: 50 },
  )
  expect(freeBlocks([...PRIVATE_BLOCKS], 3)).toEqual([])
  expect(addressText(freeBlocks([], 1)[0]?.first ?? 0)).toBe('10.2.0.0')
})
