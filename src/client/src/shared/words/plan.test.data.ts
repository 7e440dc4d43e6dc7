import type { Plan } from '@/api/types'

const minutes = Array.from({ length: 81 }, (_, i) => i / 2)

/** A plan as the server would answer it, small enough to read; for tests only. */
export const testPlan = {
  minutes: 14,
  recommendedMinutes: 14,
  safeMinimumMinutes: 12,
  pressure: 'high',
  release: { kind: 'natural', restMinutes: 0 },
  chanceSafe: 0.992,
  promise: 'sure',
  promiseText: 'Sure without measuring: safe in 99 of 100 such cooks.',
  keepsPromise: true,
  readyAtFirst: 1,
  readyAfterRest: 1,
  otherPromise: null,
  worthKnowing: [],
  toPressureMinutes: { p05: 10, p50: 12, p95: 15 },
  releaseMinutes: { p05: 6, p50: 8, p95: 11 },
  totalMinutes: { p05: 31, p50: 34, p95: 39 },
  spots: [
    { id: 'centre', where: 'middle', atOpening: { p01: 81, p50: 98, p99: 108 }, peak: { p01: 84, p50: 99, p99: 108 } },
  ],
  waterLossPercent: { p05: 26, p50: 30, p95: 34 },
  tenderness: { index: 0.58, atBone: 0.4, label: 'slices or pulls' },
  clock: {
    lidOn: '2026-11-24T18:05:00Z',
    pressure: '2026-11-24T18:17:00Z',
    holdOver: '2026-11-24T18:31:00Z',
    open: '2026-11-24T18:39:00Z',
    eat: '2026-11-24T18:49:00Z',
    restMinutes: 5,
  },
  curve: {
    minutes,
    pot: minutes.map((m) => Math.min(115, 21 + m * 8)),
    coldest: {
      p01: minutes.map((m) => Math.min(81, 4 + m * 2)),
      p50: minutes.map((m) => Math.min(98, 4 + m * 3)),
      p99: minutes.map((m) => Math.min(108, 4 + m * 4)),
    },
    surface: minutes.map((m) => Math.min(112, 4 + m * 7)),
  },
  band: Array.from({ length: 25 }, (_, m) => ({
    minutes: m,
    chanceSafe: m < 12 ? m / 12 - 0.02 : 0.995,
    coldestP01: 40 + m * 3,
    coldestP50: 60 + m * 2.5,
    waterLossP50: 15 + m,
    tenderness: m / 25,
    readyAtFirst: Math.min(1, m / 10),
    readyAfterRest: Math.min(1, m / 8),
    keeps: m >= 12,
  })),
  schools: [],
  warnings: [],
  why: [],
} as unknown as Plan

export const testSafety = {
  coreCelsius: 74,
  shareSafe: 0.99,
  hotHoldingCelsius: 60,
  stockKeeps: 'Stock keeps 3 to 4 days in the fridge.',
}
