// Values of a schema of the OpenAPI document: good ones, and what goes wrong with them.

/** A small generator of numbers that is the same for the same seed. */
export function randomOf(seed) {
  let state = seed >>> 0
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32
  }
  const int = (most) => Math.floor(next() * most)
  return { next, int, of: (list) => list[int(list.length)], chance: (share) => next() < share }
}

/** Makes values that the document allows. `known` has words that mean something, by the name of the field. */
export class Good {
  constructor(document, random, known) {
    Object.assign(this, { document, random, known })
  }

  resolve(schema) {
    const at = schema.$ref?.split('/').at(-1)
    if (at) return this.resolve(this.document.components.schemas[at])
    const options = schema.oneOf ?? schema.anyOf
    return options ? this.resolve(options.find((o) => o.type !== 'null') ?? options[0]) : schema
  }

  value(given, name = '', depth = 0) {
    const { random } = this
    const schema = this.resolve(given)
    if (schema.enum) return random.of(schema.enum)
    const known = this.known(name)
    const types = [schema.type ?? 'object'].flat().filter((t) => t !== 'null')
    switch (types[0]) {
      case 'integer':
      case 'number': {
        const [least, most] = [schema.minimum ?? 0, Math.min(schema.maximum ?? 10, 1e6)]
        const value = random.chance(0.2) ? random.of([least, most]) : least + random.next() ** 2 * (most - least)
        return types[0] === 'integer' ? Math.round(value) : Number(value.toFixed(3))
      }
      case 'boolean':
        return random.chance(0.5)
      case 'string':
        if (schema.format === 'date-time')
          return new Date(Date.UTC(2026, random.int(12), 1 + random.int(28), random.int(24))).toISOString()
        if (schema.format === 'uuid') return `00000000-0000-4000-8000-${String(random.int(1e12)).padStart(12, '0')}`
        return known.length > 0
          ? random.of(known)
          : 'six thighs of a hen, well salted'.slice(0, Math.max(schema.minLength ?? 0, random.int(1 + Math.min(schema.maxLength ?? 30, 30))))
      case 'array': {
        const count = Math.max(schema.minItems ?? 0, random.int(4))
        return depth > 5 ? [] : Array.from({ length: count }, () => this.value(schema.items, name, depth + 1))
      }
      default: {
        if (depth > 5) return {}
        const needed = new Set(schema.required ?? [])
        const entries = Object.entries(schema.properties ?? {}).filter(([key]) => needed.has(key) || random.chance(0.35))
        return Object.fromEntries(entries.map(([key, of]) => [key, this.value(of, key, depth + 1)]))
      }
    }
  }
}

const long = 'n'.repeat(70_000)
const odd = [
  null,
  true,
  -1,
  0,
  1e308,
  -1e308,
  2 ** 63,
  1e-320,
  0.1 + 0.2,
  '',
  ' ',
  '\u0000',
  '\u202e\u0007',
  '\ud800',
  '\ufffe',
  '\ufdd0 \u{1ffff}',
  'UTF-8\u0085',
  '<img src=x onerror=alert(1)>',
  '=1+1',
  "'; DROP TABLE cooks; --",
  '../../etc/passwd',
  long,
  '9'.repeat(400),
  '1e999',
  'NaN',
  '0000-00-00T00:00:00Z',
  '9999-12-31T23:59:59.9999999Z',
  '٣ thighs',
  [],
  {},
  [[[[[[[[]]]]]]]],
  Array.from({ length: 500 }, () => ({})),
]

// A name nearly right, or one that is no text.
function nearly(name, random) {
  const at = random.int(name.length)
  return random.of([
    () => name.slice(0, at) + name.slice(at + 1),
    () => name.slice(0, at) + (name[at + 1] ?? '') + name[at] + name.slice(at + 2),
    () => name[0].toUpperCase() + name.slice(1),
    () => name.toUpperCase(),
    () => `${name}s`,
    () => ` ${name}`,
    () => `$${name}`,
    () => `${name.slice(0, at)}${random.of(['\ud800', '\udc00', '\ufffe', '\u0000', '\u202e', '.', '/', '~'])}${name.slice(at)}`,
    () => random.of(['', '__proto__', 'constructor', '$type', '$ref', 'n'.repeat(5000)]),
  ])()
}

/** One thing in a value made wrong. */
export function spoiled(value, random) {
  const places = []
  const walk = (at, path) => {
    places.push(path)
    if (at && typeof at === 'object') for (const key of Object.keys(at)) walk(at[key], [...path, key])
  }
  walk(value, [])
  const path = random.of(places)
  if (path.length === 0) return random.of(odd)
  const copy = structuredClone(value)
  const parent = path.slice(0, -1).reduce((at, key) => at[key], copy)
  const key = path.at(-1)
  const was = parent[key]
  if (random.chance(0.1)) delete parent[key]
  else if (typeof key === 'string' && key !== '' && random.chance(0.25)) {
    if (random.chance(0.5)) delete parent[key]
    Object.defineProperty(parent, nearly(key, random), { value: was, enumerable: true, configurable: true, writable: true })
  }
  else if (typeof was === 'number' && random.chance(0.5)) parent[key] = random.of([was + 1, -was, was * 1e6, was / 1e6, `${was}`])
  else if (typeof was === 'string' && random.chance(0.4)) parent[key] = random.of([was + random.of(['"', '\\', '\u0000', '🦆', '\ud83e']), was.repeat(50), was.slice(1)])
  else parent[key] = random.of(odd)
  return copy
}

function twice(text, random) {
  const names = [...text.matchAll(/"\w+":/g)]
  if (names.length === 0) return text
  const { index, 0: name } = random.of(names)
  return `${text.slice(0, index)}${name}${random.of(['null', '1', '"x"', '{}', '[]'])},${text.slice(index)}`
}

/** A text of JSON made wrong. */
export function broken(text, random) {
  const at = random.int(text.length + 1)
  return random.of([
    () => text.slice(0, at),
    () => text.slice(0, at) + random.of(['{', '}', ',', '"', '\u0000', '\ud800', '[', '1e999']) + text.slice(at),
    () => '['.repeat(5000),
    () => `{"a":${text}`,
    () => twice(text, random), // a property that is there twice
    () => twice(text, random),
    () => '',
    () => `${text}${text}`,
  ])()
}
