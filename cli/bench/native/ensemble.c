/*
 * The ensemble's inner run ported to C, step for step: what a compiled language needs for the same work, and a second
 * writing of the same equations that must give the same rows. Kept jars, inflows and vents are left out; the comparison's
 * ferments have none. Relations and sources stand in src/core/ferment and src/core/gas.
 *
 * ensemble IN OUT ROUNDS: IN and OUT are files of doubles as native.ts writes and reads them; prints the least time, ms.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

enum { SUCROSE, GLUCOSE, FRUCTOSE, YEAST, LACTICS, ACETICS, ETHANOL, CO2, YEAST_READY, LACTICS_READY, OXYGEN,
       LACTIC, ACETIC, GLYCEROL, ESCAPED, DEAD, NITROGEN, STATE_SIZE, PH = STATE_SIZE, GAS_RATE, ROW_SIZE };

typedef struct { double hours, sealed, celsius, ratio, sealed_at, exchange, alcohol_lost, airing, pellicle; } Stage;
typedef struct {
  double vigour, offset, swing, phase, leak, early, late, fridge, cold, tender;
  double yeast_capacity, lactic_capacity, heterolactic, growth, shape, gas_half_growth, gas_half_ferment;
  double citric, malic, charge, ph, y[STATE_SIZE];
} Start;
typedef struct {
  double y[STATE_SIZE], ph, celsius, hour, ratio, filled;
  double vigour, yeast_heat, lactic_heat, acetic_heat, yeast_ease, lactic_ease, dissolved, saturation, rest;
  double yeast_dying, lactic_dying, acetic_dying, asleep;
  int vessel; /* -1 none yet, 0 unsealed, 1 sealed */
} Run;

/* ---- tables of pure functions ---- */
typedef struct { double (*of)(double); double from, per_unit; int last; double *at; } Table;
static Table tabulate(double (*of)(double), double from, double to, double per_unit) {
  Table t = {of, from, per_unit, (int)lround((to - from) * per_unit), NULL};
  t.at = malloc(sizeof(double) * (t.last + 2));
  for (int i = 0; i < t.last + 2; i++) t.at[i] = of(from + (i < t.last ? i : t.last) / per_unit);
  return t;
}
static inline double look(const Table *t, double x) {
  double place = (x - t->from) * t->per_unit;
  if (!(place >= 0 && place <= t->last)) return t->of(x);
  int low = (int)place;
  return t->at[low] + (place - low) * (t->at[low + 1] - t->at[low]);
}

static const double R = 0.0831446, ATM = 1.01325, HEX = 180.156, SUC = 342.297, ETH = 46.069, GAS = 44.009,
                    LAC = 90.078, ACE = 60.052, GLY = 92.094, BIO = 24.626, C12 = 12.011;
static double kelvin(double t) { return t + 273.15; }
static double in_water(double t) { double h = kelvin(t) / 100; return exp(-58.0931 + 90.5069 / h + 22.294 * log(h)); }
static double per_bar(double t) { return in_water(t) / ATM; }
static double virial(double t) {
  double k = kelvin(t);
  return (-1636.75 + k * (12.0408 + k * (-3.27957e-2 + k * 3.16528e-5))) / 1000 / (R * k);
}
static double nitrogen(double t) { return 6.4e-4 * exp(1300 * (1 / kelvin(t) - 1 / kelvin(25))); }
static double oxygen(double t) { return 1.3e-3 * exp(1500 * (1 / kelvin(t) - 1 / kelvin(25))); }
static double vapour(double t) { return 6.1094e-3 * exp(17.625 * t / (t + 243.04)); }
static double litres_of_kg(double t) {
  double top = 999.83952 + t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 + t * -280.54253e-12))));
  return 1 / (top / (1 + 16.87985e-3 * t));
}
static double sober(double e) { return e < 95 ? pow(1 - e / 95, 0.8) : 0; }
static double stray_early(double h) { return 1 - exp(-h / 20); }
static double stray_late(double h) { return 1 - exp(-h / 90); }
static double day(double h) { return sin(h * M_PI / 12); }
static Table WATER, PER_BAR, VIRIAL, N2, O2, VAPOUR, LITRES, SOBER, EARLY, LATE, DAY, YEAST_PACE, LACTIC_PACE, ACETIC_PACE;

typedef struct { double least, best, most, floor; } Cardinal;
static const Cardinal YEASTS = {2, 34, 42, 0.036}, LACTIS = {2, 33, 43, 0.027}, ACETIS = {5, 30, 40, 0};
static double rosso(double t, const Cardinal *k) {
  if (t <= k->least || t >= k->most) return 0;
  double above = t - k->least, reach = k->best - k->least;
  return (t - k->most) * above * above / (reach * (reach * (t - k->best) - (k->best - k->most) * (k->best + k->least - 2 * t)));
}
static double yeast_pace(double t) { return rosso(t, &YEASTS); }
static double lactic_pace(double t) { return rosso(t, &LACTIS); }
static double acetic_pace(double t) { return rosso(t, &ACETIS); }
static void make_tables(void) {
#define BY_TEMPERATURE(of) tabulate(of, -5, 60, 16)
  WATER = BY_TEMPERATURE(in_water); PER_BAR = BY_TEMPERATURE(per_bar); VIRIAL = BY_TEMPERATURE(virial);
  N2 = BY_TEMPERATURE(nitrogen); O2 = BY_TEMPERATURE(oxygen); VAPOUR = BY_TEMPERATURE(vapour);
  LITRES = BY_TEMPERATURE(litres_of_kg);
  YEAST_PACE = BY_TEMPERATURE(yeast_pace); LACTIC_PACE = BY_TEMPERATURE(lactic_pace); ACETIC_PACE = BY_TEMPERATURE(acetic_pace);
  DAY = tabulate(day, 0, 24, 16);
  SOBER = tabulate(sober, 0, 100, 8); EARLY = tabulate(stray_early, 0, 600, 2); LATE = tabulate(stray_late, 0, 600, 2);
}

static double solubility_left(double sugar, double ethanol) { return exp(-3.8e-4 * M_LN10 * sugar - 6e-4 * ethanol); }
static double sugar_of(const double *y) { return y[SUCROSE] + y[GLUCOSE] + y[FRUCTOSE]; }
static double kept_under(double bar, const double *y, double t) {
  return look(&WATER, t) * solubility_left(sugar_of(y), y[ETHANOL]) * GAS * bar / ATM;
}
static double rest_in_air(const double *y, double t) { return kept_under(4.2e-4 * ATM, y, t); }

/* ---- gas in a closed vessel ---- */
typedef struct { double gauge, co2, n2, o2; } Closed; /* gauge pressure, and dissolved shares */
static Closed close_on(const Run *r) {
  const double *y = r->y;
  double t = r->celsius, sugar = sugar_of(y), co2 = y[CO2] / GAS, per_mole = R * kelvin(t);
  double ideal = look(&PER_BAR, t) * solubility_left(sugar, y[ETHANOL]), b = look(&VIRIAL, t), v = look(&VAPOUR, t);
  double swollen = look(&LITRES, t) / look(&LITRES, r->filled) - 1 + 4e-7 * sugar * (t - r->filled);
  double hn = look(&N2, t), ho = look(&O2, t);
  double room = fmax(1e-4, r->ratio - swollen), bar = co2 / (ideal + room / per_mole);
  room = fmax(1e-4, room - 0.0323 * ideal * bar);
  double gas = room / per_mole, air = y[NITROGEN] / (hn + gas) + y[OXYGEN] / (ho + gas), s = ideal;
  for (int round = 0; round < 2; round++) {
    double x = b * bar - 0.0323 * (bar + air + v - ATM) / per_mole;
    s = ideal * (1 + x * (1 + x * (0.5 + x / 6)));
    bar = co2 / (s + gas / (1 + b * bar));
    room = fmax(1e-4, r->ratio - swollen - 0.0323 * s * bar);
    gas = room / per_mole;
    air = y[NITROGEN] / (hn + gas) + y[OXYGEN] / (ho + gas);
  }
  return (Closed){bar + air + v - ATM, co2 > 0 ? fmin(1, s * bar / co2) : s / (s + gas), hn / (hn + gas), ho / (ho + gas)};
}
static void lose(double *y, double grams) { y[CO2] -= grams; y[ESCAPED] += grams; }

/* ---- conditions of a step ---- */
static double in_the_cold(const Cardinal *k, double active, double cold) {
  return fmax(active, fmin(k->floor * cold, rosso(12, k)));
}
static double dying(double felt, double at, double tenth, double tenfold) {
  return felt < 34 ? 0 : M_LN10 / tenth * pow(10, (felt - at) / tenfold);
}
static double falling_asleep(double t, double tender) {
  if (t + tender > 38) return 0.3 * fmin(1, (t + tender - 38) / 4);
  return t < 8 ? 0.006 * fmin(1.5, (8 - t) / 4) : 0;
}
static double true_celsius(const Run *r, const Start *m, double t) {
  if (t <= 8) return fmax(fmin(t, 0), t + m->fridge);
  if (t <= 12) return t + 0.4 * m->offset;
  return t + m->offset + m->swing * look(&DAY, r->hour - m->phase - 24 * floor((r->hour - m->phase) / 24));
}

static double K_LACTIC, K_ACETIC, K_CITRIC1, K_CITRIC2, K_CITRIC3, K_MALIC1, K_MALIC2, K_CARBONIC;
static void make_constants(void) {
  K_LACTIC = pow(10, -3.86); K_ACETIC = pow(10, -4.756); K_CITRIC1 = pow(10, -3.13); K_CITRIC2 = pow(10, -4.76);
  K_CITRIC3 = pow(10, -6.4); K_MALIC1 = pow(10, -3.4); K_MALIC2 = pow(10, -5.11); K_CARBONIC = pow(10, -6.35);
}
static void solve_acidity(Run *r, const Start *m) {
  const double lactic = r->y[LACTIC] / LAC, acetic = r->y[ACETIC] / ACE, citric = m->citric / 192.12, malic = m->malic / 134.09;
  const double co2 = r->y[CO2] * r->dissolved / GAS + 1.3e-5;
  double ph = r->ph;
  for (int i = 0; i < 30; i++) {
    double h = exp(-ph * M_LN10), per_h = 1 / h, a = K_LACTIC / (K_LACTIC + h), b = K_ACETIC / (K_ACETIC + h);
    double c1 = K_CITRIC1 * per_h, c2 = c1 * K_CITRIC2 * per_h, c3 = c2 * K_CITRIC3 * per_h, per_c = 1 / (1 + c1 + c2 + c3);
    double cq = (c1 + 2 * c2 + 3 * c3) * per_c, cs = (c1 + 4 * c2 + 9 * c3) * per_c;
    double m1 = K_MALIC1 * per_h, m2 = m1 * K_MALIC2 * per_h, per_m = 1 / (1 + m1 + m2);
    double mq = (m1 + 2 * m2) * per_m, ms = (m1 + 4 * m2) * per_m;
    double bicarbonate = co2 * K_CARBONIC * per_h, hydroxide = 1e-14 * per_h;
    double slope = h + hydroxide + bicarbonate + lactic * a * (1 - a) + acetic * b * (1 - b) + citric * (cs - cq * cq) + malic * (ms - mq * mq);
    double surplus = m->charge + h - hydroxide - bicarbonate - lactic * a - acetic * b - citric * cq - malic * mq;
    double move = surplus / slope / M_LN10;
    if (move > 1) move = 1; else if (move < -1) move = -1;
    ph += move;
    if (move * move * M_LN10 < 0.002) break;
  }
  r->ph = ph < 1.5 ? 1.5 : ph > 9 ? 9 : ph;
}

static void prepare(Run *r, const Start *m, const Stage *s) {
  double t = r->celsius = true_celsius(r, m, s->celsius), *y = r->y;
  double here = look(&PER_BAR, t) * solubility_left(sugar_of(y), y[ETHANOL]);
  r->dissolved = s->sealed ? here * R * kelvin(t) / (here * R * kelvin(t) + r->ratio) : 1;
  r->saturation = s->sealed ? INFINITY : here * GAS * ATM;
  r->rest = s->sealed ? 0 : here * GAS * 4.2e-4 * ATM;
  double drift = m->early == 0 && m->late == 0 ? 1 : exp(m->early * look(&EARLY, fmin(600, r->hour)) + m->late * look(&LATE, fmin(600, r->hour)));
  r->vigour = m->vigour * drift;
  r->yeast_heat = look(&YEAST_PACE, t);
  r->lactic_heat = look(&LACTIC_PACE, t);
  r->acetic_heat = look(&ACETIC_PACE, t);
  if (t < 12) {
    double cold = m->cold * exp(0.12 * (t - 4));
    r->yeast_heat = in_the_cold(&YEASTS, r->yeast_heat, cold);
    r->lactic_heat = in_the_cold(&LACTIS, r->lactic_heat, cold);
  }
  if (t + m->tender >= 34 || r->yeast_dying > 0) {
    r->yeast_dying = dying(t + m->tender, 55, 0.95 / 60, 4.6);
    r->lactic_dying = dying(t + m->tender, 55, 4.0 / 60, 5.5);
    r->acetic_dying = dying(t + m->tender, 50, 2.0 / 60, 5);
  }
  r->asleep = falling_asleep(t, m->tender);
  solve_acidity(r, m);
  double easy = look(&SOBER, y[ETHANOL]);
  r->yeast_ease = easy * fmin(1, fmax(0, (r->ph - 2) / 1.2));
  r->lactic_ease = easy * fmin(1, fmax(0, (r->ph - 2.9) / 1.3));
}

/* ---- one step: eating, then weather ---- */
static double readied(double q, double wakes, double sleeps, double hours, double times) {
  double net = wakes - sleeps;
  if (q <= 0 || (wakes == 0 && sleeps == 0)) return q;
  double crowding = fabs(net) < 1e-9 ? wakes * hours / 100 : wakes * (times - 1) / (net * 100);
  double after = q * times / (1 + q * crowding);
  return sleeps > 0 && after < 1e-3 ? fmin(q, 1e-3) : after;
}
static inline double room_for(double x, double capacity, double shape) { return x < capacity ? (capacity - x) / (capacity + shape * x) : 0; }
static inline double met(double demand, double stock, double step) { return demand * step > stock ? stock / (demand * step) : 1; }

static void eat(Run *r, const Start *m, double step) {
  double *y = r->y;
  const double growth = 0.3, upkeep = 1.05, split_half = 8.6;
  const double biomass_c = C12 / BIO, hexose_c = 6 * C12 / HEX, per_cell = biomass_c / hexose_c;
  const double to_glycerol = 0.035, burnt_share = 1 - to_glycerol * (3 * C12 / GLY) / hexose_c;
  const double to_co2 = 2 * GAS / HEX * burnt_share, to_ethanol = 2 * ETH / HEX * burnt_share, per_suc = 2 * HEX / SUC;
  const double s0 = y[SUCROSE], g0 = y[GLUCOSE], f0 = y[FRUCTOSE], x0 = y[YEAST], l0 = y[LACTICS];
  const double yeast_rate = r->vigour * r->yeast_heat, lactic_rate = r->vigour * r->lactic_heat;
  const double doubling = growth * m->growth * m->gas_half_growth, wakes = growth * yeast_rate, lactic_wakes = 0.3 * lactic_rate;
  const double gas_from_sour = m->heterolactic * GAS / HEX;
  const double half = step / 2, times = exp((wakes - r->asleep) * half), ltimes = exp((lactic_wakes - r->asleep) * half);
  const double ready = readied(y[YEAST_READY], wakes, r->asleep, step, times * times), ready_half = readied(y[YEAST_READY], wakes, r->asleep, half, times);
  const double lready = readied(y[LACTICS_READY], lactic_wakes, r->asleep, step, ltimes * ltimes), lready_half = readied(y[LACTICS_READY], lactic_wakes, r->asleep, half, ltimes);
  double q = y[YEAST_READY], p = y[LACTICS_READY], gas = y[CO2] * r->dissolved, s = s0, g = g0, f = f0, x = x0, l = l0;
  double ds = 0, dg = 0, df = 0, dx = 0, dl = 0, burnt = 0, soured = 0;
  for (int stage = 0; stage < 3; stage++) {
    double pull = 1 / (1 + g * (1 / 0.6) + f * (1 / 1.2) + s * (1 / 4.0));
    double on_g = g * (1 / 0.6) * pull, on_f = f * (1 / 1.2) * pull, on_s = s * (1 / 4.0) * pull;
    double pace = yeast_rate * r->yeast_ease * q * x / (1 + q);
    double growing = doubling * room_for(x, m->yeast_capacity, m->shape) / (m->gas_half_growth + gas);
    double taking = (growing * (1 / 0.12) + upkeep * m->gas_half_ferment / (m->gas_half_ferment + gas)) * pace;
    double lpace = lactic_rate * r->lactic_ease * p * l / (1 + p), ltaking = 1.9 * lpace / (4 + g + f + s);
    double splitting = (6 * yeast_rate * x + 2 * lactic_rate * l) * s / (split_half + s);
    double want_g = taking * on_g + ltaking * g, want_f = taking * on_f + ltaking * f;
    double want_s = splitting + (taking * on_s + ltaking * s) * (1 / per_suc);
    double of_g = met(want_g, g, step), of_f = met(want_f, f, step), of_s = met(want_s, s, step);
    double to_yeast = on_g * of_g + on_f * of_f + on_s * of_s, to_lactics = ltaking * (g * of_g + f * of_f + s * of_s);
    double new_yeast = growing * pace * to_yeast, new_lactics = 0.3 / 1.9 * m->growth * room_for(l, m->lactic_capacity, m->shape) * to_lactics;
    double from_split = splitting * of_s * (per_suc / 2), weight = stage == 2 ? 2.0 / 3 : 1.0 / 6;
    ds -= weight * want_s * of_s;
    dg += weight * (from_split - want_g * of_g);
    df += weight * (from_split - want_f * of_f);
    dx += weight * new_yeast;
    dl += weight * new_lactics;
    burnt += weight * (taking * to_yeast - new_yeast * per_cell);
    soured += weight * (to_lactics - new_lactics * per_cell);
    double reach = stage == 0 ? 6 * step : stage == 1 ? 1.5 * step : step;
    s = s0 + reach * ds; g = g0 + reach * dg; f = f0 + reach * df; x = x0 + reach * dx; l = l0 + reach * dl;
    gas = (y[CO2] + reach * (burnt * to_co2 + soured * gas_from_sour)) * r->dissolved;
    q = stage == 0 ? ready : ready_half;
    p = stage == 0 ? lready : lready_half;
  }
  y[SUCROSE] = s < 1e-12 ? 0 : s; y[GLUCOSE] = g < 1e-12 ? 0 : g; y[FRUCTOSE] = f < 1e-12 ? 0 : f;
  y[YEAST] = x; y[LACTICS] = l; y[YEAST_READY] = ready; y[LACTICS_READY] = lready;
  y[GLYCEROL] += step * burnt * to_glycerol;
  y[LACTIC] += step * soured * (m->heterolactic * LAC / HEX + 1 - m->heterolactic);
  y[ETHANOL] += step * (burnt * to_ethanol + soured * m->heterolactic * ETH / HEX);
  y[CO2] += step * (burnt * to_co2 + soured * gas_from_sour);
}

static double towards(double level, double made, double rate, double rest, double hours) {
  if (rate == 0) return level + made * hours;
  double end = rest + made / rate;
  return end + (level - end) * exp(-rate * hours);
}
static void die(double *y, int cells, double rate, double step) {
  double live = y[cells] * exp(-rate * step);
  y[DEAD] += y[cells] - live;
  y[cells] = live;
}
static void weather(Run *r, const Stage *s, double gas_made, double step) {
  double *y = r->y;
  if (s->airing > 0 && y[ACETICS] > 0) {
    double acetics = y[ACETICS], ethanol = y[ETHANOL], able = 3 * r->acetic_heat * acetics * ethanol / (2 + ethanol), per = ACE / ETH;
    if (able != 0) {
      double aired = (s->airing + s->pellicle * acetics / (0.1 + acetics)) / per, taken = fmin(step * able * aired / (able + aired), ethanol);
      double cells = acetics < 0.4 ? 0.067 * taken * (1 - acetics / 0.4) : 0;
      y[ACETICS] += cells;
      y[ETHANOL] -= taken;
      y[ACETIC] += (taken - cells * (C12 / BIO) / (2 * C12 / ETH)) * per;
    }
  }
  if (s->alcohol_lost > 0) y[ETHANOL] *= exp(-s->alcohol_lost * step);
  if (r->yeast_dying > 0) { die(y, YEAST, r->yeast_dying, step); die(y, LACTICS, r->lactic_dying, step); die(y, ACETICS, r->acetic_dying, step); }
  if (y[OXYGEN] > 0) {
    double pace = r->vigour * r->yeast_heat * r->yeast_ease * y[YEAST_READY] * y[YEAST] / (1 + y[YEAST_READY]), left = y[OXYGEN] * exp(-4 * pace * step);
    y[OXYGEN] = left < 1e-12 ? 0 : left;
  }
  if (s->sealed) return;
  double there = y[CO2], before = there - gas_made, made = gas_made / step, air = fmin(before, r->rest);
  double still = before < r->saturation ? towards(before, made, s->exchange, air, step) : before;
  double bubbling = before >= r->saturation ? step : still > r->saturation ? step * (still - r->saturation) / (still - before) : 0;
  double fast = 1.5 + s->exchange, rest = (1.5 * r->saturation + s->exchange * air) / fast;
  double after = bubbling > 0 ? towards(fmax(before, r->saturation), made, fast, rest, bubbling) : fmax(0, still);
  y[CO2] = after;
  y[ESCAPED] += there - after;
}
static void step_run(Run *r, const Start *m, const Stage *s, double step) {
  double gas = r->y[CO2];
  eat(r, m, step);
  weather(r, s, r->y[CO2] - gas, step);
  r->hour += step;
  if (m->leak > 0 && r->ratio > 0) {
    Closed c = close_on(r);
    if (c.gauge > 0) {
      double part = 1 - exp(-m->leak * step);
      lose(r->y, r->y[CO2] * (1 - c.co2) * part);
      r->y[OXYGEN] *= 1 - (1 - c.o2) * part;
      r->y[NITROGEN] *= 1 - (1 - c.n2) * part;
    }
  }
  prepare(r, m, s);
}

static void enter(Run *r, const Start *m, const Stage *s) {
  int sealed = s->sealed != 0, same = r->vessel == sealed && (!sealed || s->ratio == r->ratio);
  if (!same && r->vessel == 1) {
    lose(r->y, r->y[CO2] * (1 - close_on(r).co2));
    r->y[OXYGEN] = r->y[NITROGEN] = 0;
  }
  if (!same && r->vessel >= 0 && (sealed || r->vessel == 1)) lose(r->y, 0.12 * fmax(0, r->y[CO2] - rest_in_air(r->y, r->celsius)));
  if (!same && sealed) {
    double t = s->sealed_at, gas = s->ratio / (R * kelvin(t)), bar = ATM - look(&VAPOUR, t);
    r->ratio = s->ratio;
    r->filled = t;
    r->y[NITROGEN] = bar * (1 - 0.2095) * (gas + look(&N2, t));
    r->y[OXYGEN] = bar * 0.2095 * (gas + look(&O2, t));
  } else if (!sealed) { r->ratio = 0; r->filled = 20; }
  r->vessel = sealed;
  prepare(r, m, s);
}

/* ---- a member through its stages, a row an hour ---- */
static void follow(const Start *m, const Stage *stages, int n_stages, int hours, float *rows, int member, int members) {
  Run r = {.ph = m->ph, .celsius = 20, .filled = 20, .vessel = -1, .dissolved = 1};
  for (int i = 0; i < STATE_SIZE; i++) r.y[i] = m->y[i];
  int next = 0;
  double from = 0, made = r.y[CO2] + r.y[ESCAPED], since = 0;
  for (int k = 0; k < n_stages; k++) {
    const Stage *s = &stages[k];
    double to = from + s->hours, at = from;
    enter(&r, m, s);
    for (;;) {
      for (; next < hours && next <= at + 1e-9; next++) {
        float *row = rows + ((size_t)next * members + member) * ROW_SIZE;
        double gas = r.y[CO2] + r.y[ESCAPED];
        for (int i = 0; i < STATE_SIZE; i++) row[i] = (float)r.y[i];
        row[PH] = (float)r.ph;
        row[GAS_RATE] = at > since ? (float)((gas - made) / (at - since)) : 0;
        if (at > since) made = gas;
        since = at;
      }
      if (at >= to - 1e-9) break;
      double until = next < hours ? fmin(to, next) : to;
      int steps = (int)fmax(1, ceil(until - at - 1e-9));
      for (int i = 0; i < steps; i++) step_run(&r, m, s, (until - at) / steps);
      at = r.hour = until;
    }
    from = to;
  }
}

static double now_ms(void) {
  struct timespec t;
  clock_gettime(CLOCK_MONOTONIC, &t);
  return t.tv_sec * 1e3 + t.tv_nsec / 1e6;
}
int main(int argc, char **argv) {
  if (argc != 4) return fprintf(stderr, "ensemble IN OUT ROUNDS\n"), 2;
  double head[3];
  FILE *in = fopen(argv[1], "rb");
  if (!in || fread(head, sizeof(double), 3, in) != 3) return fprintf(stderr, "cannot read %s\n", argv[1]), 1;
  int members = (int)head[0], n_stages = (int)head[1], hours = (int)head[2];
  Stage *stages = malloc(sizeof(Stage) * n_stages);
  Start *starts = malloc(sizeof(Start) * members);
  if (fread(stages, sizeof(Stage), n_stages, in) != (size_t)n_stages || fread(starts, sizeof(Start), members, in) != (size_t)members)
    return fprintf(stderr, "%s is too short\n", argv[1]), 1;
  fclose(in);
  make_tables();
  make_constants();
  size_t size = (size_t)members * hours * ROW_SIZE;
  double least = INFINITY;
  float *rows = NULL;
  for (int round = 0; round < atoi(argv[3]); round++) {
    free(rows);
    double start = now_ms();
    rows = calloc(size, sizeof(float));
    for (int m = 0; m < members; m++) follow(&starts[m], stages, n_stages, hours, rows, m, members);
    least = fmin(least, now_ms() - start);
  }
  FILE *out = fopen(argv[2], "wb");
  if (!out || fwrite(rows, sizeof(float), size, out) != size) return fprintf(stderr, "cannot write %s\n", argv[2]), 1;
  fclose(out);
  printf("%.3f\n", least);
  return 0;
}
