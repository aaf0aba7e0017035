'use client';

import clsx from 'clsx';
import { useMemo } from 'react';
import { planFromFile } from '@/schemas/plan-from-file';
import type { PlanFile } from '@/schemas/plan-file';
import { Basket } from '@/ui/basket/basket';
import type { DishPicture } from '@/workers/evening/protocol';

/** Last of the two samples that looks hold. */
const PULLED = 1;

/** A dish as it comes out of the drawer, on a plate; its name stands beside it. */
export function DishCircle({
  plan,
  picture,
  name,
  isSmall = false,
}: {
  /** in the fryer that the picture is from */
  plan: PlanFile;
  picture: DishPicture;
  name: string;
  isSmall?: boolean;
}) {
  const own = useMemo(() => planFromFile(plan), [plan]);
  return (
    <span
      aria-hidden
      className={clsx(
        'block shrink-0 overflow-hidden rounded-full bg-[#1b1e22]',
        isSmall ? 'size-11 border-2 border-[#1b1e22]' : 'size-14 border-[3px] border-rim',
      )}
    >
      <Basket
        plan={own}
        record={picture.looks}
        sample={PULLED}
        label={`${name}, as pulled`}
        className="size-full scale-150"
      />
    </span>
  );
}
