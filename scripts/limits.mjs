// Takes the ranges of numbers and the lengths of texts out of the OpenAPI document, so that the client's fields refuse what the server would.
// usage: node limits.mjs DOCUMENT FILE
import { readFileSync, writeFileSync } from 'node:fs'

const [from, to] = process.argv.slice(2)
const { schemas } = JSON.parse(readFileSync(from, 'utf8')).components
const limitOf = ({ minimum, maximum, maxLength }) =>
  minimum !== undefined && maximum !== undefined
    ? `{ least: ${minimum}, most: ${maximum} }`
    : maxLength !== undefined
      ? `{ longest: ${maxLength} }`
      : null

const lines = ['/** Made from the OpenAPI document by `npm run api`; not edited by hand. */', 'export const limits = {']
for (const [name, { properties }] of Object.entries(schemas)) {
  const limited = Object.entries(properties ?? {})
    .map(([key, schema]) => [key, limitOf(schema)])
    .filter(([, limit]) => limit)
  if (limited.length > 0) lines.push(`  ${name}: {`, ...limited.map(([key, limit]) => `    ${key}: ${limit},`), '  },')
}
lines.push(
  '} as const',
  '',
  'export interface Limit {',
  '  readonly least?: number',
  '  readonly most?: number',
  '  readonly longest?: number',
  '}',
  '',
)
writeFileSync(to, lines.join('\n'))
