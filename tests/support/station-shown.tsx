import { FIRST_BOARD } from '@/app/_components/stations/board';
import type { StationProps } from '@/app/_components/stations/station';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';

export const FRYERS = [
  { id: 'a', name: 'Large drawer', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 },
  { id: 'b', name: 'Small, borrowed', powerW: 1200, basketCm2: 330, basketHeightMm: 80, thermostatOffsetC: 0 },
];

/** A station of the first plan, or of what is told. */
export function StationShown({
  Station,
  document = FIRST_PLAN,
  ...told
}: { Station: (props: StationProps) => React.ReactNode } & Partial<StationProps>) {
  return (
    <Station
      document={document}
      plan={planFromFile(document)}
      forecast={null}
      fryers={FRYERS}
      cutters={[{ id: 'm2', name: 'Green mandoline', setting: '2', thicknessMm: 4.2, scatter: 0.03 }]}
      serveAt="19:00"
      board={FIRST_BOARD}
      setBoard={jest.fn()}
      fryerId="a"
      chooseFryer={jest.fn()}
      move={jest.fn()}
      release={jest.fn()}
      {...told}
    />
  );
}
