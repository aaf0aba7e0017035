import { type InHand, setFilm } from './in-hand';
import { FILM_AFTER } from './water-film';
import { leachSugar, settleSkins, swell, warmInBath, washStarch, type WaterBath } from './water-bath';

/** W/(m² K) of still to gently stirred water. Source: free convection in water, 300–800. */
const WATER_HEAT_TRANSFER = 500;

/** m/s of sugar from the surface into gently stirred water. Source: assumed, 1e-5 (film of 0.1 mm). */
const WATER_MASS_TRANSFER = 1e-5;

/** Lies pieces in water: temperature, sugar, loose starch and moisture follow. @param temperature K @param duration s */
export function soakPieces(hand: InHand, temperature: number, duration: number): void {
  const bath: WaterBath = {
    temperature,
    duration,
    heatTransfer: WATER_HEAT_TRANSFER,
    massTransfer: WATER_MASS_TRANSFER,
  };
  for (let p = 0; p < hand.state.count; p++) warmInBath(hand, p, bath);
  washStarch(hand, 1);
  leachSugar(hand, bath);
  swell(hand, bath);
  settleSkins(hand.state);
  setFilm(hand, FILM_AFTER.drain, 'water-clinging');
}
