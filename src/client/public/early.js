// Before any code of the page is there: which parts of its frame belong to this address, and in which light.
const early = document.getElementById('early')
const form = early.querySelector('form')
const here = `/${location.pathname.split('/')[1]}`
const links = [...early.querySelectorAll('a')]

links.find((place) => place.pathname === here)?.classList.add('here')
form.hidden = here !== '/'
form.addEventListener('submit', (sent) => {
  sent.preventDefault()
  form.dataset.sent = ''
})
early.hidden = early.dataset.bare.split(' ').includes(here)
early.dataset.light = localStorage.getItem('ikuzo.light') ?? ''
