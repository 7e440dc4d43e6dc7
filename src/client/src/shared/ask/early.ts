/** What stands at the field for a question. */
export const asking = { label: 'What have you got?', example: '6 frozen thighs, bone in' }

const form = () => document.querySelector<HTMLFormElement>('#early form')

/** What a hand typed before the code of the page was there; null where there is no such field any more. */
export function typedEarly() {
  const early = form()
  const input = early?.querySelector('input')
  return early && input
    ? { text: input.value, sent: early.dataset.sent !== undefined, hadHand: document.activeElement === input }
    : null
}

/** Takes the frame away that was there before the page. */
export const endEarly = () => document.getElementById('early')?.remove()
