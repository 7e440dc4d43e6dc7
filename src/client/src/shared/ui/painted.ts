const mostMs = 1000 // a page that is not looked at is not painted

/** After the first frame of the page: for what nobody waits for. */
export const painted = new Promise<void>((done) => {
  setTimeout(done, mostMs)
  requestAnimationFrame(() => setTimeout(done))
})
