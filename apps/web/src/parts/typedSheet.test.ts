import { sheetColumns } from '@flint/core/editing'
import { byColumn, byKey, fieldKey, sheetResolver } from './typedSheet'

test('columns with a step in their name come back as they were', () => {
  const texts = { 'price.unitMinor': '29', model: 'One' }
  expect(Object.keys(byKey(texts))).toEqual(['price/unitMinor', 'model'])
  expect(byColumn(byKey(texts))).toEqual(texts)
  expect(byColumn({ [fieldKey('price.currency')]: '' })).toEqual({})
})

test('what is wrong is said of its field, and a good sheet is taken', async () => {
  const resolve = sheetResolver('fan', sheetColumns('fan'))
  const options = { fields: {}, shouldUseNativeValidation: false }
  const texts = { maker: 'Brisk', model: 'One', sizeMm: 'large' }
  const refused = await resolve({ texts, sources: {} }, undefined, options)
  expect(refused.errors.texts).toEqual({
    sizeMm: {
      type: 'sheet',
      message: expect.stringContaining('“large” is not a number') as string,
    },
  })
  const good = await resolve(
    { texts: { ...texts, sizeMm: '120' }, sources: {} },
    undefined,
    options,
  )
  expect(good.errors).toEqual({})
})
