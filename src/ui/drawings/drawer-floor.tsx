import { memo, useId } from 'react';

/** Rim of the drawer round its floor, mm. */
export const RIM = 16;

/** Slots of the grate along one side. */
const SLOTS = 9;

/** The empty drawer from above, in mm from the corner of its floor; it stays while what lies on it moves. @param side mm */
export const DrawerFloor = memo(function DrawerFloor({ side, lined }: { side: number; lined: boolean }) {
  const light = useId();
  return (
    <>
      <defs>
        <radialGradient id={light} cx="0.35" cy="0.3" r="0.9">
          <stop offset="0" stopColor="#3a4048" />
          <stop offset="1" stopColor="#1f2328" />
        </radialGradient>
      </defs>
      <rect x={-RIM} y={-RIM} width={side + 2 * RIM} height={side + 2 * RIM} rx={side * 0.13} fill="#4a5058" />
      <rect
        x={-RIM + 3}
        y={-RIM + 3}
        width={side + 2 * RIM - 6}
        height={side + 2 * RIM - 6}
        rx={side * 0.12}
        fill="#2b3036"
      />
      <rect x={0} y={0} width={side} height={side} rx={side * 0.08} fill={lined ? '#b9a884' : `url(#${light})`} />
      {!lined && <Grate side={side} />}
    </>
  );
});

/** The slots of the floor. */
function Grate({ side }: { side: number }) {
  return Array.from({ length: SLOTS * SLOTS }, (_, i) => (
    <rect
      key={i}
      x={side * (0.09 + (0.82 * (i % SLOTS)) / (SLOTS - 1)) - 1}
      y={side * (0.09 + (0.82 * Math.floor(i / SLOTS)) / (SLOTS - 1)) - side * 0.022}
      width={2}
      height={side * 0.044}
      rx={1}
      fill="#15181b"
    />
  ));
}
