// The come-up and hold of 256 pieces of meat by the scheme of Ikuzo.Core.Conduction, for comparison only; it is not shipped.
// Usage: trunk <file>   the file, written by Ikuzo.Bench: start °C, steps, repeats, ten coefficients of the meat, then R and E of each piece.
#include <chrono>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <vector>

typedef float Lane __attribute__((vector_size(64), aligned(64)));
typedef int Mask __attribute__((vector_size(64), aligned(64)));
constexpr int Width = 16, Shells = 24, Middle = Shells / 2 - 1, MostRepeats = 4;
constexpr float StepSeconds = 10, Film = 700, Hot = 115, RampKelvinPerStep = 95.0f / 60;
constexpr double Dx = 1.0 / Shells, Fusion = 333600;

static inline Lane all(double v) { float f = (float)v; return Lane{} + f; }
static inline Lane pick(Mask m, Lane a, Lane b) { return m ? a : b; }
static inline Lane least(Lane a, Lane b) { return a < b ? a : b; }
static inline Lane most(Lane a, Lane b) { return a > b ? a : b; }
static inline Lane magnitude(Lane a) { return a < 0 ? -a : a; }
static inline bool any(Mask m) { int r = 0; for (int i = 0; i < Width; i++) r |= m[i]; return r != 0; }
static inline Lane root(Lane a) { for (int i = 0; i < Width; i++) a[i] = std::sqrt(a[i]); return a; }

static inline Lane exponential(Lane x) {
  x = least(most(x, all(-87)), all(87));
  Lane scaled = x * 1.44269504088896341f;
  Mask n = __builtin_convertvector(scaled + (scaled < 0 ? all(-0.5) : all(0.5)), Mask);
  Lane f = __builtin_convertvector(n, Lane), r = x - f * 0.693359375f + f * 2.12194440e-4f;
  Lane p = r * 1.9875691500e-4f + 1.3981999507e-3f;
  p = p * r + 8.3334519073e-3f;
  p = p * r + 4.1665795894e-2f;
  p = p * r + 1.6666665459e-1f;
  p = p * r + 5.0000001201e-1f;
  return (p * r * r + r + 1) * (Lane)((n + 127) << 23);
}

struct Meat {
  double c0, c1, k0, k1, k2, tf, x, cf, kice, rho;
  double conductivity(double t) const { return k0 + t * (k1 + t * k2); }
  Lane capacity(Lane t) const { return t * (float)c1 + (float)c0; }
  Lane conductivity(Lane t) const { return t * (t * (float)k2 + (float)k1) + (float)k0; }
  float offset() const { return (float)(tf * (c0 + c1 / 2 * tf)); }
  Lane enthalpy(Lane t) const {
    Lane below = (float)cf * (t - (float)tf) - (float)(Fusion * x) * (1 - (float)tf / t);
    return pick(t < (float)tf, below, t * (t * (float)(c1 / 2) + (float)c0) - offset());
  }
  Lane newton(Lane h, Lane t) const {
    return t + (h + offset() - t * (t * (float)(c1 / 2) + (float)c0)) * (float)(1 / (c0 + 60 * c1));
  }
  Lane celsius(Lane h, Lane guess) const {
    Lane above = newton(h, newton(h, newton(h, guess)));
    float latent = (float)(Fusion * x), c = (float)cf, f = (float)tf;
    Lane b = h + c * f + latent;
    return pick(h < 0, (b - root(b * b - 4 * c * latent * f)) / (2 * c), above);
  }
};

struct Shell { Lane celsius, enthalpy, share, gain, capacity, conductivity, face, carry, partial; };

struct Chain {
  Lane g, flux, carry, partial;
  void eliminate(Shell& s, const Shell& next, Lane face, Lane memory) {
    Lane k = face * (s.conductivity + next.conductivity), f = k * (next.celsius - s.celsius);
    Lane diagonal = s.share * s.capacity + k + g, right = s.share * memory * s.gain + g * partial + f + flux;
    Lane inverse = 1 / (diagonal - g * carry);
    s.carry = carry = k * inverse;
    s.partial = partial = right * inverse;
    g = k;
    flux = -f;
  }
};

struct Body {
  Shell shells[Shells];
  Meat meat;
  Lane scale, inner, surface;
  bool nearFreezing = true;

  void shape(Lane r, Lane e, const Meat& of, float start) {
    meat = of;
    scale = 1 / ((float)of.rho * r * r);
    inner = r * (float)(Dx / 2);
    Lane below = all(0), total = all(0);
    for (int i = 0; i < Shells; i++) {
      Lane outer = all(1), x = all((i + 1) * Dx);
      if (i < Shells - 1) for (int j = 0; j < Width; j++) outer[j] = std::pow(x[j], e[j]);
      shells[i].face = outer / x / (float)Dx;
      shells[i].share = outer - below;
      total += shells[i].share;
      below = outer;
    }
    for (Shell& s : shells) {
      s.share /= total;
      s.face *= e / total * 0.5f;
      s.celsius = all(start);
      s.enthalpy = meat.enthalpy(s.celsius);
      s.gain = all(0);
      properties(s, true);
    }
    surface = r * e / total;
    nearFreezing = true;
  }

  void properties(Shell& s, bool near) {
    s.capacity = meat.capacity(s.celsius);
    s.conductivity = meat.conductivity(s.celsius);
    if (!near) return;
    Lane ratio = (float)meat.tf / s.celsius;
    Mask frozen = s.celsius < (float)meat.tf;
    s.capacity = pick(frozen, (float)meat.cf - (float)(Fusion * meat.x) * ratio / s.celsius, s.capacity);
    s.conductivity = pick(frozen, (float)meat.conductivity(meat.tf) + (1 - ratio) * (float)(meat.x * meat.kice), s.conductivity);
  }

  void solve(Lane memory, Lane weight, Lane edge, Lane ambient) {
    Shell &first = shells[0], &last = shells[Shells - 1];
    Chain low{all(0), all(0), all(0), all(0)}, high{edge, edge * (ambient - last.celsius), all(0), all(0)};
    Shell *bottom = &first, *top = &last;
    for (int i = 1; i <= Middle; i++) {
      Shell &above = shells[i], &below = shells[Shells - 1 - i];
      low.eliminate(*bottom, above, weight * bottom->face, memory);
      high.eliminate(*top, below, weight * below.face, memory);
      bottom = &above;
      top = &below;
    }
    high.eliminate(*top, *bottom, weight * bottom->face, memory);
    Lane diagonal = bottom->share * bottom->capacity + low.g + high.g - low.g * low.carry - high.g * high.carry;
    Lane right = bottom->share * memory * bottom->gain + low.flux + high.flux + low.g * low.partial + high.g * high.partial;
    Lane inward = right / diagonal, outward = inward;
    bottom->partial = inward;
    for (int i = 1; i <= Middle; i++) {
      Shell &below = shells[Middle - i], &above = shells[Middle + i];
      below.partial = inward = below.carry * inward + below.partial;
      above.partial = outward = above.carry * outward + above.partial;
    }
    last.partial = last.carry * outward + last.partial;
  }

  bool capacityIsFarOff() {
    Lane worst = all(0);
    for (Shell& s : shells) {
      Lane guess = s.celsius + s.partial, change = magnitude(s.partial);
      s.carry = s.capacity;
      if (!any(least(s.celsius, guess) < (float)meat.tf + 2)) continue;
      s.carry = pick(change > 0.01f, (meat.enthalpy(guess) - s.enthalpy) / s.partial, s.capacity);
      worst = most(worst, magnitude(s.capacity / s.carry - 1) * change);
    }
    return any(worst > 0.5f);
  }

  Lane step(float seconds, float previous, Lane film, Lane ambient) {
    float w = previous > 0.4f * seconds ? seconds / previous : 0, share = 1 / (1 + 2 * w);
    Lane memory = all(w * w * share), weight = scale * (seconds * (1 + w) * share);
    Lane k = shells[Shells - 1].conductivity / inner, edge = weight * (film * k / (film + k) * surface);
    solve(memory, weight, edge, ambient);
    for (int i = 0; nearFreezing && i < MostRepeats && capacityIsFarOff(); i++) {
      for (Shell& s : shells) s.capacity = s.carry;
      solve(memory, weight, edge, ambient);
    }
    Lane heat = all(0), coldest = all(1e9);
    for (Shell& s : shells) {
      s.gain = s.capacity * s.partial;
      s.enthalpy += s.gain;
      heat += s.gain * s.share;
      Lane guess = s.celsius + s.partial;
      bool near = nearFreezing && any(least(s.celsius, guess) < (float)meat.tf + 2);
      s.celsius = near ? meat.celsius(s.enthalpy, guess) : meat.newton(s.enthalpy, guess);
      properties(s, near);
      coldest = least(coldest, s.celsius);
    }
    if (nearFreezing) nearFreezing = any(coldest < (float)meat.tf + 2);
    return heat;
  }

  Lane centre() const { return shells[0].celsius - (shells[1].celsius - shells[0].celsius) * 0.125f; }
};

// Kinetics once a minute, as MeatChanges does.
struct Changes {
  Lane loss[Shells] = {}, collagen[Shells] = {}, logs = all(0), danger = all(0);
  void update(const Body& body, float seconds) {
    Lane share = 1 - exponential(all(-seconds / 480));
    for (int i = 0; i < Shells; i++) {
      Lane t = body.shells[i].celsius, target = 38.5f / (1 + exponential((66.1f - t) / 7.73f));
      loss[i] += most(all(0), target - loss[i]) * share;
      collagen[i] += exponential(((float)(1 / 368.15) - 1 / (t + 273.15f)) * (float)(95000 / 8.314462618)) * (float)(0.693147 / 1800) * seconds;
    }
    Lane core = body.centre();
    logs += exponential((core - 60) * (float)(2.302585 / 6.5)) / 300 * seconds;
    danger += pick((core > 5) & (core < 60), all(seconds), all(0));
  }
};

int main(int, char** arguments) {
  std::ifstream file(arguments[1]);
  float start;
  int steps, repeats;
  Meat m;
  file >> start >> steps >> repeats >> m.c0 >> m.c1 >> m.k0 >> m.k1 >> m.k2 >> m.tf >> m.x >> m.cf >> m.kice >> m.rho;
  std::vector<Lane> r, e;
  for (float a, b; file >> a >> b;) {
    static int at = 0;
    if (at % Width == 0) { r.push_back(all(0)); e.push_back(all(0)); }
    r.back()[at % Width] = a;
    e.back()[at++ % Width] = b;
  }
  static Body body;
  double best = 1e9, sum = 0;
  for (int n = 0; n < repeats; n++) {
    auto from = std::chrono::steady_clock::now();
    sum = 0;
    for (size_t block = 0; block < r.size(); block++) {
      body.shape(r[block], e[block], m, start);
      Changes changes;
      for (int i = 0; i < steps; i++) {
        body.step(StepSeconds, i == 0 ? 0 : StepSeconds, all(Film), all(std::fmin(Hot, Hot - 95 + i * RampKelvinPerStep)));
        if (i % 6 == 5) changes.update(body, 60);
      }
      Lane centre = body.centre();
      for (int j = 0; j < Width; j++) sum += centre[j];
    }
    best = std::fmin(best, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count());
  }
  std::printf("%.4f %.4f\n", best, sum / (r.size() * Width));
}
