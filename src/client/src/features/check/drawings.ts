/** A line drawing of a cut and where its spots are, on a field of 320 by 220. Ours, drawn by hand. */
export interface CutDrawing {
  /** Outline of the meat. */
  outline: string
  /** Finer lines: joints, grain, fold. */
  lines: string
  /** Bones, drawn dashed: not there. */
  bones: string
  /** Where the probe goes in, and where its tip ends, by spot. */
  spots: Record<string, { from: readonly [number, number]; tip: readonly [number, number] }>
  /** What to avoid. */
  avoid: string
}

const notOnBone = 'Not on the bone: it is hotter than the meat.'
const deep = 'Deep enough: the tip stops in the middle, not near a surface.'

const whole: CutDrawing = {
  outline:
    'M40 150 C28 110 60 62 120 54 C180 46 240 60 268 96 C292 128 284 168 244 178 C196 190 92 192 60 178 C48 172 42 162 40 150 Z',
  lines:
    'M120 54 C150 84 170 120 172 178 M66 96 C90 92 108 100 118 118 C110 136 84 140 62 128 M214 120 C244 116 272 128 276 146 C262 166 230 168 206 152',
  bones: 'M226 138 L296 158 M296 158 m-6 0 a6 6 0 1 0 12 0 a6 6 0 1 0 -12 0',
  spots: {
    breast: { from: [52, 44], tip: [136, 104] },
    thigh: { from: [284, 66], tip: [216, 134] },
    shoulder: { from: [30, 190], tip: [92, 128] },
  },
  avoid: notOnBone,
}
const breast: CutDrawing = {
  outline: 'M36 128 C44 84 104 56 172 62 C236 68 284 96 290 122 C280 148 214 172 142 172 C86 172 40 156 36 128 Z',
  lines: 'M70 132 C120 116 190 112 262 122 M92 148 C140 136 196 134 238 140',
  bones: '',
  spots: { centre: { from: [34, 40], tip: [142, 118] } },
  avoid: deep,
}
const breastBone: CutDrawing = {
  ...breast,
  bones: 'M60 164 C120 178 190 178 252 158 M110 172 L116 150 M152 175 L156 152 M194 172 L198 150',
  avoid: notOnBone,
}
const thigh: CutDrawing = {
  outline: 'M52 132 C48 90 92 56 150 56 C216 56 270 84 274 124 C276 158 226 178 164 178 C104 178 56 168 52 132 Z',
  lines: 'M78 112 C104 84 150 76 190 82 M88 150 C124 164 180 166 224 152',
  bones:
    'M108 138 L222 100 M108 138 m-9 2 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0 M222 100 m-9 0 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0',
  spots: { centre: { from: [120, 22], tip: [166, 92] } },
  avoid: notOnBone,
}
const thighBoneless: CutDrawing = {
  ...thigh,
  bones: '',
  spots: { centre: { from: [120, 22], tip: [162, 118] } },
  avoid: deep,
}
const drumstick: CutDrawing = {
  outline:
    'M40 122 C42 82 92 62 142 74 C186 84 214 108 262 108 C282 108 292 118 292 126 C292 136 280 144 262 142 C216 140 190 164 140 172 C90 178 42 160 40 122 Z',
  lines: 'M70 104 C96 88 130 90 158 104',
  bones: 'M74 130 L284 124 M284 118 L300 112 M284 132 L300 138',
  spots: { centre: { from: [86, 30], tip: [112, 106] } },
  avoid: notOnBone,
}
const leg: CutDrawing = {
  outline:
    'M36 118 C36 76 84 52 134 62 C168 70 178 96 190 112 C212 116 246 128 276 140 C294 148 298 160 290 168 C276 176 240 168 206 166 C170 176 96 184 62 166 C44 156 36 138 36 118 Z',
  lines: 'M186 110 C176 132 176 150 186 168 M66 104 C86 84 116 82 140 92',
  bones: 'M78 134 L176 128 M188 136 L288 160',
  spots: { thigh: { from: [72, 26], tip: [112, 108] }, drumstick: { from: [240, 70], tip: [212, 136] } },
  avoid: notOnBone,
}
const wing: CutDrawing = {
  outline:
    'M44 140 C40 110 72 92 104 100 C128 106 140 124 152 116 C170 92 206 72 240 78 C262 82 262 100 246 108 C222 116 204 122 196 140 C190 158 166 166 146 160 C112 172 54 176 44 140 Z',
  lines: 'M150 118 C146 134 146 148 150 160',
  bones: 'M70 138 L140 138 M158 140 L238 94',
  spots: { centre: { from: [68, 60], tip: [98, 124] } },
  avoid: notOnBone,
}
const crown: CutDrawing = {
  ...whole,
  outline: 'M44 162 C36 112 78 60 158 56 C240 58 286 108 278 160 C248 186 82 188 44 162 Z',
  lines: 'M160 56 C164 100 164 142 160 178 M84 92 C110 112 118 138 112 172 M236 92 C210 112 202 138 208 172',
  bones: 'M62 160 C110 176 210 176 260 160',
  spots: { breast: { from: [110, 20], tip: [124, 116] }, shoulder: { from: [292, 60], tip: [244, 122] } },
}
const neck: CutDrawing = {
  outline:
    'M36 132 C34 104 70 90 110 96 C160 104 200 82 246 74 C272 70 288 82 286 98 C284 116 262 122 240 126 C200 134 164 150 118 160 C76 168 40 158 36 132 Z',
  lines: 'M74 108 L80 154 M114 104 L120 152 M156 100 L164 142 M198 92 L206 130 M238 84 L244 118',
  bones: 'M58 134 C120 132 190 110 270 94',
  spots: { centre: { from: [60, 44], tip: [86, 116] } },
  avoid: notOnBone,
}
const foot: CutDrawing = {
  outline:
    'M34 104 C70 92 120 98 168 100 C196 84 232 62 266 60 C280 62 278 76 262 82 C240 90 220 98 208 106 C236 108 268 110 288 122 C294 134 280 138 264 132 C240 128 220 126 206 126 C222 138 244 154 250 170 C246 182 232 178 222 166 C202 148 184 136 164 134 C120 134 70 134 34 124 Z',
  lines: 'M178 104 C172 114 172 122 178 130',
  bones: 'M44 114 L166 116',
  spots: { centre: { from: [160, 34], tip: [178, 112] } },
  avoid: notOnBone,
}
const cubes: CutDrawing = {
  outline:
    'M60 110 L120 96 L132 146 L72 160 Z M146 84 L204 92 L198 142 L140 134 Z M214 118 L266 110 L274 160 L222 168 Z',
  lines: 'M72 128 L124 116 M152 108 L200 114 M224 140 L270 132',
  bones: '',
  spots: { centre: { from: [166, 30], tip: [172, 114] } },
  avoid: deep,
}
const balls: CutDrawing = {
  outline:
    'M92 126 m-40 0 a40 40 0 1 0 80 0 a40 40 0 1 0 -80 0 M186 112 m-46 0 a46 46 0 1 0 92 0 a46 46 0 1 0 -92 0 M262 146 m-32 0 a32 32 0 1 0 64 0 a32 32 0 1 0 -64 0',
  lines: 'M66 116 C80 104 100 104 112 112 M156 96 C174 82 200 84 214 98',
  bones: '',
  spots: { centre: { from: [186, 22], tip: [186, 112] } },
  avoid: deep,
}

/** The drawing of a cut by its id. */
export function drawingOf(cut: string): CutDrawing {
  if (/crown/.test(cut)) return crown
  if (/whole|spatchcocked|half/.test(cut)) return whole
  if (/leg/.test(cut)) return leg
  if (/drumstick/.test(cut)) return drumstick
  if (/wing/.test(cut)) return wing
  if (/thigh-boneless/.test(cut)) return thighBoneless
  if (/thigh/.test(cut)) return thigh
  if (/breast-bone-in/.test(cut)) return breastBone
  if (/diced/.test(cut)) return cubes
  if (/meatball/.test(cut)) return balls
  if (/neck/.test(cut)) return neck
  if (/foot/.test(cut)) return foot
  if (/carcass/.test(cut)) return { ...whole, spots: { centre: { from: [160, 20], tip: [172, 120] } } }
  return breast
}
