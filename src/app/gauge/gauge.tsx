'use client';

import { useRef } from 'react';
import { Button } from '@/ui/controls/button';
import { saveFile } from '@/ui/save-file';
import { useUnits } from '@/ui/units-context';
import { lengthText } from '@/ui/words/format';

/** Thicknesses on the gauge, mm. */
const BARS = [1, 1.5, 2, 3, 4, 6, 8, 10, 12, 15, 20] as const;

/** Length of the line that proves the scale, mm. */
const CHECK = 100;

const [PAPER_WIDTH, PAPER_HEIGHT] = [170, 150];

/** Bars as thick as the cuts, drawn in millimetres, and a line of 100 mm to hold a ruler to. */
export function Gauge() {
  const units = useUnits();
  const drawing = useRef<SVGSVGElement>(null);
  const tops = BARS.map((_, i) => 26 + BARS.slice(0, i).reduce((sum, bar) => sum + Math.max(bar, 4) + 3, 0));
  return (
    <article className="tray p-5">
      <h1 className="text-[26px]">Cut gauge</h1>
      <p className="no-print mt-1 max-w-[70ch] text-[15px]">
        Print at full size, without “fit to page”, and measure the line at the top: it must be 100 mm long. If it is
        not, the printer has scaled the page and the bars are wrong too. Then hold a piece against the bars.
      </p>
      <div className="no-print mt-3 flex gap-2">
        <Button look="main" onClick={() => window.print()}>
          Print
        </Button>
        <Button
          onClick={() => {
            if (drawing.current) saveFile('cut-gauge.svg', drawing.current.outerHTML, 'image/svg+xml');
          }}
        >
          Save as SVG
        </Button>
      </div>
      <svg
        ref={drawing}
        xmlns="http://www.w3.org/2000/svg"
        width={`${PAPER_WIDTH}mm`}
        height={`${PAPER_HEIGHT}mm`}
        viewBox={`0 0 ${PAPER_WIDTH} ${PAPER_HEIGHT}`}
        role="img"
        aria-label="Bars from 1 to 20 mm thick, and a check line of 100 mm"
        className="on-paper mt-4 max-w-full bg-white print:max-w-none"
        fontFamily="sans-serif"
      >
        <line x1={5} x2={5 + CHECK} y1={12} y2={12} stroke="#1b1e22" strokeWidth={0.3} />
        {Array.from({ length: 11 }, (_, i) => (
          <line
            key={i}
            x1={5 + i * 10}
            x2={5 + i * 10}
            y1={12}
            y2={i % 5 === 0 ? 7.5 : 9.5}
            stroke="#1b1e22"
            strokeWidth={0.3}
          />
        ))}
        <text x={5 + CHECK + 3} y={13} fontSize={4} fill="#1b1e22">
          this line is 100 mm long
        </text>
        {BARS.map((bar, i) => (
          <g key={bar}>
            <rect x={5} y={tops[i]} width={110} height={bar} fill="#1f3fa8" />
            <text x={119} y={tops[i]! + Math.max(bar, 4) / 2 + 1.4} fontSize={4} fill="#1b1e22">
              {bar} mm{units === 'us' ? `, ${lengthText(bar, 'us')}` : ''}
            </text>
          </g>
        ))}
      </svg>
    </article>
  );
}
