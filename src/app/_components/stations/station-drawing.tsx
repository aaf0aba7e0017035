import { batchYield } from '@/core/cut/batch-yield';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import type { Plan } from '@/core/plan/plan';
import { CUT_JUICE, FILM_AFTER } from '@/core/prep/water-film';
import { CutDrawing } from '@/ui/drawings/cut-drawing';
import { FilmDrawing } from '@/ui/drawings/film-drawing';
import { FryerDrawing } from '@/ui/drawings/fryer-drawing';
import { LoadDrawing } from '@/ui/drawings/load-drawing';
import { ParcookDrawing } from '@/ui/drawings/parcook-drawing';
import { PressDrawing } from '@/ui/drawings/press-drawing';
import { ProduceDrawing } from '@/ui/drawings/produce-drawing';
import { RestDrawing } from '@/ui/drawings/rest-drawing';
import { SoakDrawing } from '@/ui/drawings/soak-drawing';
import { StepsDrawing } from '@/ui/drawings/steps-drawing';
import { StageDrawing } from '@/ui/drawings/stage-drawing';
import { useUnits } from '@/ui/units-context';
import { filmText } from '@/ui/words/format';
import type { StationId } from './station';

/** Water film on the pieces when the drying is done, g/m². */
export function waterFilmGM2(plan: Plan): number {
  let film = CUT_JUICE;
  for (const step of plan.preparation) {
    if (step.step === 'rinse' || step.step === 'soak') film = FILM_AFTER.drain;
    else if (step.step === 'dry') film = Math.min(film, FILM_AFTER[step.method]);
  }
  return film * 1000;
}

/** Oil in the bowl over the cut surface, g/m². */
export function oilFilmGM2(plan: Plan): number {
  const oil = plan.preparation.reduce((sum, step) => (step.step === 'oil' ? sum + step.mass : sum), 0);
  return (oil * 1000) / batchYield(plan.food, plan.cut, plan.mass).surface;
}

/** The drawing of a station, made from the plan's own numbers. */
export function StationDrawing({ station, plan, large }: { station: StationId; plan: Plan; large: boolean }) {
  const units = useUnits();
  const shared = { plan, ramp: plan.food.ramp, large };
  switch (station) {
    case 'produce':
      return <ProduceDrawing {...shared} />;
    case 'cut':
      return <CutDrawing {...shared} />;
    case 'soak':
      return <SoakDrawing {...shared} />;
    case 'press':
      return <PressDrawing {...shared} />;
    case 'parcook':
      return <ParcookDrawing {...shared} />;
    case 'rest':
      return <RestDrawing {...shared} plan={asLoaded(plan)} />;
    case 'steps':
      return <StepsDrawing plan={plan} large={large} />;
    case 'dry':
      return (
        <FilmDrawing
          ramp={shared.ramp}
          large={large}
          filmGM2={waterFilmGM2(plan)}
          colour="#1c7c86"
          label={`${filmText(waterFilmGM2(plan), units)} of water on the cut surface`}
        />
      );
    case 'coat':
      return (
        <FilmDrawing
          ramp={shared.ramp}
          large={large}
          filmGM2={oilFilmGM2(plan)}
          colour="#8a8f2a"
          label={`${filmText(oilFilmGM2(plan), units)} of oil on the cut surface`}
        />
      );
    case 'fryer':
      return <FryerDrawing {...shared} />;
    case 'load':
      return <LoadDrawing {...shared} plan={asLoaded(plan)} />;
    case 'cook':
      return <StageDrawing {...shared} />;
  }
}
