import { rowSentence } from './rowSentences'

test('the sentence on sharing chooses from the slots and sockets that there are', () => {
  const sentence = rowSentence('sharing', '[{},{}]', '[{}]')
  expect(sentence?.before).toEqual({ inUse: 'While', loses: 'is used,', lanesLeft: 'falls to' })
  expect(sentence?.choices.inUse).toEqual([
    { value: 'slot-1', text: 'slot 1' },
    { value: 'slot-2', text: 'slot 2' },
    { value: 'm2-1', text: 'M.2 1' },
  ])
  expect(sentence?.choices.loses).toEqual(sentence?.choices.inUse)
  expect(sentence?.choices.lanesLeft?.[0]).toEqual({ value: '0', text: 'nothing: it is off' })
})

test('where no slots are known there is nothing to choose, and other tables are plain', () => {
  expect(rowSentence('sharing', '', '')?.choices.inUse).toEqual([])
  expect(rowSentence('slots', '[{}]', '')).toBeNull()
})
