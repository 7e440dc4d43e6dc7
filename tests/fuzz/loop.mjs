// Says how many milliseconds arithmetic takes that takes a second on a quiet machine, computed as politely as the server computes.
import { setPriority } from 'node:os'

const politeness = 5 // of ComputeThreads
const turns = 560e6
setPriority(politeness)
const began = performance.now()
let x = 1
for (let i = 0; i < turns; i++) x = (Math.imul(x, 1664525) + 1013904223) | 0
console.log(performance.now() - began + (x === 0 ? 1 : 0))
