import { mdiArrowRight, mdiDotsHorizontal } from '@mdi/js'
import type { Plugin } from 'vite'
import { asking } from './src/shared/ask/early.ts'
import { atOnce, bare, places, type Place } from './src/app/places.ts'
import { themes } from './src/app/themes.ts'

const colours = 'virtual:early.css'

/**
 * The frame of the page as it is sent, so that a slow phone shows places and a field to type in before any code is there. It is drawn
 * anew by App.vue and AskField.vue, which take over what was typed; public/early.js says which parts of it this address has.
 */
export function early(): Plugin {
  return {
    name: 'early',
    resolveId: (id) => (id === colours ? colours : null),
    load: (id) => (id === colours ? sheet() : null),
    transformIndexHtml: (html) => html.replace('<!-- early -->', frame),
  }
}

const rgb = (hex: string) => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)).join(',')
const rule = (selector: string, { dark, colors }: (typeof themes)['paper']) =>
  `${selector}{--v-high-emphasis-opacity:${dark ? 1 : 0.87};${Object.entries(colors)
    .map(([name, hex]) => `--v-theme-${name}:${rgb(hex)};`)
    .join('')}}`
const sheet = () =>
  [
    rule('#early', themes.paper),
    `@media (prefers-color-scheme:dark){${rule('#early', themes.charcoal)}}`,
    rule('#early[data-light=day]', themes.paper),
    rule('#early[data-light=night]', themes.charcoal),
  ].join('\n')

const icon = (path: string) => `<svg viewBox="0 0 24 24" aria-hidden="true"><path d="${path}"/></svg>`
const link = (place: Place) =>
  `<a class="place" href="${place.path}">${icon(place.icon)}<span>${place.title}</span></a>`
const frame = () => `<div id="early" data-bare="${bare.join(' ')}" hidden>
      <nav class="rail" aria-label="Places">
        <span class="brand">Ikuzo</span>
        ${places.slice(0, atOnce).map(link).join('\n        ')}
        <span class="place opener">${icon(mdiDotsHorizontal)}<span>More</span></span>
        <div class="rest">${places.slice(atOnce).map(link).join('\n        ')}</div>
      </nav>
      <main class="main">
        <form class="ask" role="search">
          <label class="ask-label" for="early-ask">${asking.label}</label>
          <div class="ask-line">
            <input id="early-ask" class="ask-input" type="text" maxlength="300" autocomplete="off" placeholder="${asking.example}" />
            ${icon(mdiArrowRight)}
          </div>
        </form>
      </main>
    </div>
    <script src="/early.js"></script>`
