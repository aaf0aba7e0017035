// A twin of the kernel in src/core/piece, for bare thawed pieces in the fryer, by which `npm run kernel` measures what JavaScript
// costs. It computes nothing for the app. Names and order of operations are those of the original.
// Reads what ratio.ts writes, all as doubles; prints ns for a piece and step, then the fields it arrives at.
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <vector>

using std::max;
using std::min;
using Field = std::vector<double>;

static FILE *input;

static double number() {
  double value;
  if (fread(&value, sizeof value, 1, input) != 1) throw "the input is too short";
  return value;
}

static Field field() {
  Field values(static_cast<size_t>(number()));
  for (double &value : values) value = number();
  return values;
}

struct Table {
  double start, perUnit;
  Field values;

  double read(double x) const {
    const double position = (x - start) * perUnit;
    if (!(position > 0)) return values[0];
    const int last = static_cast<int>(values.size()) - 1;
    if (position >= last) return values[last];
    const int below = static_cast<int>(position);
    return values[below] + (values[below + 1] - values[below]) * (position - below);
  }

  double slope(double x) const {
    const double position = (x - start) * perUnit;
    if (!(position >= 0) || position >= static_cast<double>(values.size()) - 1) return 0;
    const int below = static_cast<int>(position);
    return (values[below + 1] - values[below]) * perUnit;
  }
};

static Table table() {
  Table read;
  read.start = number();
  read.perUnit = number();
  read.values = field();
  return read;
}

// properties/water.ts, properties/sorption.ts, piece/kinetics.ts
const double ATMOSPHERIC_PRESSURE = 101325, VAPOUR_GAS_CONSTANT = 461.5, WATER_SPECIFIC_HEAT = 4185;
const double BOILING_LATENT_HEAT = 2.257e6, DIFFUSION_HALF_MOISTURE = 0.35, PORES_FULL = 1.2;
static double latentHeat(double temperature) { return 2.501e6 - 2440 * (temperature - 273.15); }

// the kernel's own
const int PASS_LIMIT = 8, MOST_PASSES = 40;
const double BOIL_SHARE_LIMIT = 0.95, HEAT_TO_MASS_TRANSFER = 317000, STEFAN_LIMIT = 0.9 * ATMOSPHERIC_PRESSURE;
const double SKIN_SHARE_LIMIT = 0.98, SETTLED = 3, HOTTEST_WET_SKIN = 376, COLDEST_SKIN = 240;
const double TRACE_MOBILITY = 1e-18, BOILING = 373.15, BELOW_BOILING = 10;

static int count, cells;
static double duration, conductivitySlope, fullMoisture, freeWaterMoisture;
static Table tissueConductivity, boilingTable, saturation, activity, diffusivity, mobility, softeningRate, browningRate, byMoisture;
static Field solids, solidsCapacity, temperature, moisture, softening, volume, halfWidth, interfaceArea;
static Field film, skinTemperature, browning, edgeBrowning, browningFactor, air, convection, radiation, radiant, vapourPressure;
static Field hottestCentre, heatTaken, evaporated, vapourEnthalpy;
static std::vector<signed char> front;
static Field lower, diagonal, upper, solution, capacity, conductance, conductivity, outflow, backflow, boiling, boilingSlope, evaporation;
static double skinConductance[2], evaporationAtSkin[2], evaporationSlope[2], skinGuess[2], drawn[2];

static void solveTridiagonal() {
  double inverse = 1 / diagonal[0];
  double known = solution[0] * inverse;
  solution[0] = known;
  for (int i = 1; i < cells; i++) {
    const double eliminated = upper[i - 1] * inverse;
    upper[i - 1] = eliminated;
    const double below = lower[i];
    inverse = 1 / (diagonal[i] - below * eliminated);
    known = (solution[i] - below * known) * inverse;
    solution[i] = known;
  }
  for (int i = cells - 2; i >= 0; i--) {
    known = solution[i] - upper[i] * known;
    solution[i] = known;
  }
}

static void prepareCells(int base) {
  const double perSecond = 1 / duration, perHeat = -duration / BOILING_LATENT_HEAT;
  for (int i = 0; i < cells; i++) {
    const int at = base + i;
    conductivity[i] = tissueConductivity.read(moisture[at]) * (1 + conductivitySlope * (temperature[at] - 333.15));
    capacity[i] = (solidsCapacity[at] + solids[at] * WATER_SPECIFIC_HEAT * moisture[at]) * perSecond;
    boiling[i] = boilingTable.read(moisture[at]);
    boilingSlope[i] = (boilingTable.slope(moisture[at]) * perHeat) / solids[at];
    if (front[at] == 2) front[at] = 1;
  }
  for (int i = 0; i < cells - 1; i++) {
    const double own = conductivity[i], next = conductivity[i + 1];
    conductance[i] = (interfaceArea[base + i] * own * next) / (halfWidth[base + i] * next + halfWidth[base + i + 1] * own);
  }
  skinConductance[0] = conductivity[0] / halfWidth[base];
  skinConductance[1] = conductivity[cells - 1] / halfWidth[base + cells - 1];
}

static double liquidDiffusivity(double t, double x) { return diffusivity.read(t) * (x / (x + DIFFUSION_HALF_MOISTURE) + 1e-6); }

static double vapourByMoisture(double t, double x) {
  if (t >= BOILING || x >= freeWaterMoisture) return 0;
  const double still = min(1.0, (BOILING - t) / BELOW_BOILING);
  const double open = x < PORES_FULL ? 1 - x / PORES_FULL : 0;
  return still * (mobility.read(t) * open + TRACE_MOBILITY) * saturation.read(t) * activity.slope(x);
}

static double supplied(int at) {
  return (liquidDiffusivity(temperature[at], moisture[at]) * solids[at]) / volume[at] + vapourByMoisture(temperature[at], moisture[at]);
}

static double waterBehind(int outer, int inner) {
  const int inwards = inner - outer, half = (cells - 1) / 2;
  double water = 0;
  for (int i = 0; i <= half; i++) {
    const int at = outer + i * inwards;
    water += moisture[at] * solids[at] * (i == half ? 0.5 : 1);
  }
  return water;
}

static void balanceSkin(int face, int f, int outer, int inner) {
  const double airTerm = convection[f] * air[f] + radiation[f] * radiant[f];
  const bool follows = front[outer] == 0;
  const int at = face == 0 ? 0 : cells - 1;
  const double held = capacity[at] + conductance[face == 0 ? 0 : at - 1], direct = skinConductance[face];
  const double kd = follows ? (direct * held) / (held + direct) : direct;
  const double cellTemperature =
      follows ? temperature[inner] + (capacity[at] / held) * (temperature[outer] - temperature[inner]) : temperature[outer];
  const double resistance = halfWidth[outer] / supplied(outer) + halfWidth[inner] / supplied(inner);
  const double supply = (duration * interfaceArea[min(outer, inner)]) / (resistance * solids[outer]);
  const double wettest = (moisture[outer] + supply * moisture[inner]) / (1 + supply), stock = solids[outer] * (1 + supply);
  const double massTransfer = (convection[f] * (air[f] + skinTemperature[f])) / (2 * HEAT_TO_MASS_TRANSFER);
  const double dryness = std::log(ATMOSPHERIC_PRESSURE - vapourPressure[f]);
  const double transfer = convection[f] + radiation[f] + kd, heat = airTerm + kd * cellTemperature;
  const double hottest = max(max(HOTTEST_WET_SKIN, air[f]), max(radiant[f], cellTemperature));
  double low = heat - transfer * hottest, high = heat - transfer * COLDEST_SKIN;
  double flux = max(low, min(high, heat - transfer * skinTemperature[f])), slope = 0;
  for (int pass = 0; pass < MOST_PASSES; pass++) {
    const double skin = (heat - flux) / transfer, latent = latentHeat(skin), drying = duration / (latent * stock);
    const double left = wettest - flux * drying, wetness = max(0.0, left), saturated = saturation.read(skin);
    const double coefficient = (massTransfer * ATMOSPHERIC_PRESSURE) / (VAPOUR_GAS_CONSTANT * skin);
    double covered = 0;
    if (film[f] > 0) {
      const double rate = coefficient * (dryness - std::log(ATMOSPHERIC_PRESSURE - min(saturated, STEFAN_LIMIT)));
      covered = rate * duration > film[f] ? film[f] / (rate * duration) : 1;
    }
    const double active = covered + (1 - covered) * activity.read(wetness);
    const double activeSlope = left > 0 ? (1 - covered) * activity.slope(wetness) : 0;
    const double pressure = active * saturated, gap = ATMOSPHERIC_PRESSURE - min(pressure, STEFAN_LIMIT);
    const double drive = dryness - std::log(gap) + max(0.0, pressure - STEFAN_LIMIT) / gap;
    const double byWater = (latent * coefficient * saturated * activeSlope * drying) / gap;
    const double byTemperature = (latent * coefficient * active * saturation.slope(skin)) / gap;
    const double excess = latent * coefficient * drive - flux;
    if (excess > 0) low = flux;
    else high = flux;
    const double next = flux + excess / (1 + byWater + byTemperature / transfer);
    const double inside = next > low && next < high ? next : (low + high) / 2;
    const bool settled = std::abs(inside - flux) < SETTLED + 1e-4 * SETTLED * std::abs(flux);
    slope = byTemperature / (1 + byWater);
    flux = inside;
    if (settled) break;
  }
  const double skin = (heat - flux) / transfer, latent = latentHeat(skin);
  if (flux * duration > (film[f] + SKIN_SHARE_LIMIT * solids[outer] * moisture[outer]) * latent) {
    const double available = ((film[f] + SKIN_SHARE_LIMIT * min(stock * wettest, waterBehind(outer, inner))) * latent) / duration;
    if (flux > available) {
      flux = available;
      slope = 0;
    }
  }
  skinGuess[face] = skin;
  evaporationAtSkin[face] = flux;
  evaporationSlope[face] = slope;
}

static double skinSource(int f, int face) {
  return convection[f] * air[f] + radiation[f] * radiant[f] - evaporationAtSkin[face] + evaporationSlope[face] * skinGuess[face];
}

static void solveHeat(int p, int base) {
  const double mostBoiled = (BOIL_SHARE_LIMIT * BOILING_LATENT_HEAT) / duration;
  const int last = cells - 1;
  double absorb[2], gain[2];
  for (int face = 0; face < 2; face++) {
    const int f = 2 * p + face;
    const double kd = skinConductance[face], outside = convection[f] + radiation[f] + evaporationSlope[face];
    absorb[face] = (kd * outside) / (kd + outside);
    gain[face] = (kd * skinSource(f, face)) / (kd + outside);
  }
  const auto warmed = [&](int i) {
    const double inward = i > 0 ? conductance[i - 1] * (solution[i - 1] - solution[i]) : gain[0] - absorb[0] * solution[0];
    const double outward = i < last ? conductance[i] * (solution[i + 1] - solution[i]) : gain[1] - absorb[1] * solution[last];
    return inward + outward - capacity[i] * (solution[i] - temperature[base + i]);
  };
  for (int pass = 1; pass <= PASS_LIMIT; pass++) {
    for (int i = 0; i < cells; i++) {
      const double inward = i > 0 ? conductance[i - 1] : absorb[0], outward = i < last ? conductance[i] : absorb[1];
      double right = capacity[i] * temperature[base + i];
      if (i == 0) right += gain[0];
      if (i == last) right += gain[1];
      if (front[base + i] == 2) right -= evaporation[i];
      const bool held = front[base + i] == 1;
      const double scale = held ? boilingSlope[i] : 1;
      diagonal[i] = scale * (capacity[i] + inward + outward) + (held ? 1 : 0);
      lower[i] = i > 0 ? -scale * inward : 0;
      upper[i] = i < last ? -scale * outward : 0;
      solution[i] = held ? scale * right + boiling[i] : right;
    }
    solveTridiagonal();
    bool changed = false;
    for (int i = 0; i < cells; i++) {
      signed char &side = front[base + i];
      if (side == 0) {
        evaporation[i] = 0;
        if (solution[i] > boiling[i] + 1e-9 && moisture[base + i] > 1e-6) {
          side = 1;
          changed = true;
        }
      } else if (side == 1) {
        const double heat = warmed(i), most = moisture[base + i] * solids[base + i] * mostBoiled;
        changed |= heat < 0 || heat > most;
        side = heat < 0 ? 0 : heat > most ? 2 : 1;
        evaporation[i] = heat < 0 ? 0 : min(heat, most);
      }
    }
    if (!changed) return;
  }
  for (int i = 0; i < cells; i++) evaporation[i] = warmed(i);
}

static void boilOff(int p, int base) {
  double steam = 0, enthalpy = 0;
  for (int i = 0; i < cells; i++) {
    temperature[base + i] = solution[i];
    if (evaporation[i] == 0) continue;
    const double boiled = (evaporation[i] * duration) / BOILING_LATENT_HEAT;
    moisture[base + i] -= boiled / solids[base + i];
    steam += boiled;
    enthalpy += boiled * (BOILING_LATENT_HEAT + WATER_SPECIFIC_HEAT * solution[i]);
  }
  evaporated[p] = steam;
  vapourEnthalpy[p] = enthalpy;
}

static void dryFace(int p, int face, int outer) {
  const int f = 2 * p + face;
  const double kd = skinConductance[face], cell = temperature[outer], slope = evaporationSlope[face];
  const double skin = (skinSource(f, face) + kd * cell) / (convection[f] + radiation[f] + kd + slope);
  const double spent = evaporationAtSkin[face] + slope * (skin - skinGuess[face]), latent = latentHeat(skinGuess[face]);
  const double steam = (spent * duration) / latent;
  const bool soaksIn = steam < 0 && moisture[outer] < freeWaterMoisture;
  const double fromFilm = soaksIn ? 0 : min(steam, film[f]), fromCell = steam - fromFilm;
  film[f] -= fromFilm;
  drawn[face] = fromCell;
  skinTemperature[f] = skin;
  heatTaken[f] = duration * (convection[f] * (air[f] - skin) + radiation[f] * (radiant[f] - skin));
  evaporated[p] += steam;
  vapourEnthalpy[p] += steam * latent + fromCell * WATER_SPECIFIC_HEAT * cell;
}

static void diffuseWater(int base) {
  const int last = cells - 1;
  const double full = 1 / fullMoisture;
  double liquidBefore = 0;
  for (int i = 0; i < cells; i++) {
    const int at = base + i;
    const double liquid = (halfWidth[at] * full) / supplied(at);
    if (i > 0) outflow[i - 1] = backflow[i - 1] = ((duration * interfaceArea[at - 1]) / (liquidBefore + liquid)) * full;
    liquidBefore = liquid;
  }
  for (int i = 0; i < cells; i++) {
    const double fromLeft = i > 0 ? outflow[i - 1] : 0, toLeft = i > 0 ? backflow[i - 1] : 0;
    const double toRight = i < last ? outflow[i] : 0, fromRight = i < last ? backflow[i] : 0;
    lower[i] = -fromLeft;
    upper[i] = -fromRight;
    diagonal[i] = solids[base + i] + toLeft + toRight;
    solution[i] = solids[base + i] * moisture[base + i];
  }
  solution[0] -= drawn[0];
  solution[last] -= drawn[1];
  solveTridiagonal();
  for (int i = 0; i < last; i++) outflow[i] = outflow[i] * solution[i] - backflow[i] * solution[i + 1];
  for (int i = 0; i < last / 2; i++) {
    if (solution[i] < 0) {
      const double owed = -solution[i] * solids[base + i];
      solution[i] = 0;
      solution[i + 1] -= owed / solids[base + i + 1];
      outflow[i] -= owed;
    }
    const int j = last - i;
    if (solution[j] < 0) {
      const double owed = -solution[j] * solids[base + j];
      solution[j] = 0;
      solution[j - 1] -= owed / solids[base + j - 1];
      outflow[j - 1] += owed;
    }
  }
  double arrivingFromLeft = 0, temperatureLeft = 0;
  for (int i = 0; i < cells; i++) {
    const int at = base + i;
    const double own = temperature[at], wetness = solution[i];
    const double leaving = i < last ? outflow[i] : 0;
    double gained = 0;
    if (arrivingFromLeft > 0) gained += arrivingFromLeft * (temperatureLeft - own);
    if (leaving < 0) gained -= leaving * (temperature[at + 1] - own);
    temperature[at] = own + (WATER_SPECIFIC_HEAT * gained) / (solidsCapacity[at] + WATER_SPECIFIC_HEAT * solids[at] * wetness);
    moisture[at] = wetness;
    arrivingFromLeft = leaving;
    temperatureLeft = own;
  }
}

static void expectWater(int base) {
  if (moisture[base + (cells - 1) / 2] < 0) throw "a piece ran dry: choose other surroundings";
}

static void brownFace(int f, int outer, int centre) {
  if (film[f] > 0) return;
  const double pace = duration * browningFactor[f] * byMoisture.read(moisture[outer]);
  const double skin = skinTemperature[f], inside = temperature[centre];
  const double warmth = air[f] > inside ? min(1.0, max(0.0, (skin - inside) / (air[f] - inside))) : 1;
  const double edge = air[f] > inside ? inside + (air[f] - inside) * ((2 * warmth) / (1 + warmth)) : skin;
  browning[f] += pace * browningRate.read(skin);
  edgeBrowning[f] += pace * browningRate.read(edge);
}

static void stepPieces() {
  for (int p = 0; p < count; p++) {
    const int base = p * cells, last = base + cells - 1, centre = base + (cells - 1) / 2;
    prepareCells(base);
    balanceSkin(0, 2 * p, base, base + 1);
    balanceSkin(1, 2 * p + 1, last, last - 1);
    solveHeat(p, base);
    boilOff(p, base);
    dryFace(p, 0, base);
    dryFace(p, 1, last);
    diffuseWater(base);
    expectWater(base);
    hottestCentre[p] = max(hottestCentre[p], temperature[centre]);
    softening[centre] += softeningRate.read(temperature[centre]) * duration;
    brownFace(2 * p, base, centre);
    brownFace(2 * p + 1, last, centre);
  }
}

int main(int, char **arguments) {
  input = fopen(arguments[1], "rb");
  count = static_cast<int>(number());
  cells = static_cast<int>(number());
  duration = number();
  const int steps = static_cast<int>(number()), rounds = static_cast<int>(number());
  conductivitySlope = number();
  fullMoisture = number();
  freeWaterMoisture = number();
  for (Table *one : {&tissueConductivity, &boilingTable, &saturation, &activity, &diffusivity, &mobility, &softeningRate, &browningRate, &byMoisture}) *one = table();
  const std::vector<Field *> fields = {&solids, &solidsCapacity, &temperature, &moisture, &softening, &volume, &halfWidth, &interfaceArea,
                                       &film, &skinTemperature, &browning, &edgeBrowning, &browningFactor, &air, &convection, &radiation,
                                       &radiant, &vapourPressure, &hottestCentre};
  std::vector<Field> fresh;
  for (Field *one : fields) fresh.push_back(*one = field());
  heatTaken.resize(2 * count);
  evaporated.resize(count);
  vapourEnthalpy.resize(count);
  for (Field *one : {&lower, &diagonal, &upper, &solution, &capacity, &conductance, &conductivity, &outflow, &backflow, &boiling, &boilingSlope, &evaporation}) one->resize(cells);
  double best = INFINITY;
  for (int round = 0; round < rounds; round++) {
    for (size_t i = 0; i < fields.size(); i++) *fields[i] = fresh[i];
    front.assign(count * cells, 0);
    const auto since = std::chrono::steady_clock::now();
    for (int n = 0; n < steps; n++) stepPieces();
    best = min(best, std::chrono::duration<double>(std::chrono::steady_clock::now() - since).count());
  }
  printf("%.3f\n", (best * 1e9) / steps / count);
  for (const Field *one : {&temperature, &moisture, &browning, &softening}) {
    for (const double value : *one) printf("%.17g\n", value);
  }
}
