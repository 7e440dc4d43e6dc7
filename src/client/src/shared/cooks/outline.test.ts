import { QueryClient } from '@tanstack/vue-query'
import { expect, test, vi } from 'vitest'
import { ServerRefusal } from '@/api/client'
import type { Request } from '@/api/types'
import { says } from './says'
import { beginHere, bodyOf } from './outline'

const request: Request = { load: { cut: 'chicken-whole', pieces: 1, totalKg: 1.6 } }
const id = '8f0c9d4e-0000-4000-8000-000000000001'
const giblets = { code: 'giblets', text: 'Take the bag out.', because: 'It thaws last.', confirmWith: 'It is out' }
const asItWas = new Date('2026-12-06T17:00:00Z').getTime()

function known(toConfirm: object[] = []) {
  const client = new QueryClient()
  const cook = { id: '', name: 'Bird', now: '2026-12-06T18:00:00Z', speed: 1 }
  client.setQueryData(['outline', says({ request })], { cook, toConfirm }, { updatedAt: asItWas })
  return client
}

test('what the server said that it would be begins here, on the clock of the server', () => {
  vi.useFakeTimers({ now: asItWas + 90_000 })
  const client = known()
  const here = beginHere(client, { request }, bodyOf({ request, storeId: 'shelf' }, id))!
  expect(here.cook.id).toBe('8f0c9d4e000040008000000000000001')
  expect(here.body).toMatchObject({ id, begunAt: '2026-12-06T18:01:30.000Z', storeId: 'shelf' })
  expect(client.getQueryData(['cook', here.cook.id])).toEqual(here.cook)
  expect(client.getQueryState(['cook', here.cook.id])!.dataUpdatedAt).toBe(asItWas) // its clock counts from there
  vi.useRealTimers()
})

test('what the server has said nothing of does not begin', () => {
  expect(beginHere(new QueryClient(), { request }, bodyOf({ request }, id))).toBeNull()
  const other: Request = { load: { ...request.load, totalKg: 1.7 } }
  expect(beginHere(known(), { request: other }, bodyOf({ request: other }, id))).toBeNull()
  expect(beginHere(known(), { dishId: 'd' }, bodyOf({ dishId: 'd' }, id))).toBeNull()
})

test('what must be seen to first is asked here too', () => {
  const begin = (confirmed: string[]) =>
    beginHere(known([giblets]), { request, confirmed }, bodyOf({ request, confirmed }, id))
  expect(() => begin([])).toThrow(ServerRefusal)
  expect(() => begin(['thawed'])).toThrow('Take the bag out.')
  expect(begin(['giblets'])?.body.confirmed).toEqual(['giblets'])
})
