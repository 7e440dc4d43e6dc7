import { test as plain } from '@playwright/test'

const firstPort = Number(process.env.IKUZO_TEST_PORT ?? 5210)

/** Each worker has a server with a household of its own, so that two can work side by side: the demo one, or one that is new. */
export const test = plain.extend<object, { household: string; isNew: boolean; own: string }>({
  isNew: [false, { option: true, scope: 'worker' }],
  own: ['', { option: true, scope: 'worker' }], // a name: these tests have a household that no others have changed
  household: [
    async ({ isNew, own: _ }, use, worker) => {
      const address = `http://127.0.0.1:${firstPort + worker.workerIndex}`
      const { learned, withServer } = await import('../../scripts/server.mjs')
      await withServer({ address, env: { IKUZO_DEMO: String(!isNew) } }, async () => {
        await learned(address)
        await use(address)
      })
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: ({ household }, use) => use(household),
})
