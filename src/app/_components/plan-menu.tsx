'use client';

import { ChevronDown } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { memo } from 'react';
import type { Plan } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import type { LiveForecastStore } from '@/ui/live-forecast';
import { LateMenu } from '@/ui/controls/late-menu';
import { fileNameOf, saveFile } from '@/ui/save-file';
import { notify, notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { useStudy } from '@/ui/study/study-context';
import type { LoadsOutcome } from '@/workers/study/protocol';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { writePlanFile } from '@/schemas/write-plan';

/** Next time the clock shows HH:MM. */
function nextClock(clock: string): Date {
  const [hours, minutes] = clock.split(':').map(Number);
  const at = new Date();
  at.setHours(hours ?? 19, minutes ?? 0, 0, 0);
  if (at.getTime() < Date.now()) at.setDate(at.getDate() + 1);
  return at;
}

/** What can be done with the plan as a whole: keep, copy, share, print, export. */
export const PlanMenu = memo(function PlanMenu({
  planId,
  store,
  readPlan,
  live,
  serveAt,
}: {
  planId: string;
  /** stores the plan as it stands, as one that was never touched is not stored yet; false where that failed */
  store: () => Promise<boolean>;
  /** the plan as it stands when an item is chosen */
  readPlan: () => { document: PlanFile; plan: Plan };
  live: LiveForecastStore;
  serveAt: string;
}) {
  const router = useRouter();
  const units = useUnits();
  const study = useStudy();
  const pullTimeNow = () => pullTimeIn(live.read().forecast);
  const stored = async () => {
    const done = await store();
    if (!done) notifyError('The plan could not be stored yet; it is still here. Try again in a moment.');
    return done;
  };
  const post = async (path: string, done: string) => {
    if (!(await stored())) return;
    const sent = await send('POST', path, {});
    if (sent.kind === 'done') notify(done);
    else notifyError(sent.error);
  };
  const share = async () => {
    const { packPlan } = await import('@/schemas/plan-link');
    const packed = packPlan(readPlan().document);
    if (!packed) return notifyError('This plan is too long for a link; save it as a plan file.');
    const link = `${window.location.origin}/open#p=${packed}`;
    try {
      await navigator.clipboard.writeText(link);
      notify('The link is copied; it carries the whole plan.');
    } catch {
      window.prompt('Copy this link; it carries the whole plan.', link);
    }
  };
  const savePlan = () => {
    const { document } = readPlan();
    saveFile(
      fileNameOf(document.name, 'plan.json'),
      JSON.stringify(writePlanFile(document), null, 2),
      'application/json',
    );
  };
  const saveRecipe = async () => {
    const { document, plan } = readPlan();
    const { forecast } = live.read();
    if (!forecast) return notifyError('The forecast is still being worked out; try again in a moment.');
    const { recipeOf } = await import('./recipe-file');
    const recipe = recipeOf(document, plan, forecast, units);
    saveFile(fileNameOf(document.name, 'recipe.jsonld'), JSON.stringify(recipe, null, 2), 'application/ld+json');
  };
  const saveCalendar = async () => {
    const pullTime = pullTimeNow();
    if (pullTime === null) return notifyError('The stages end too soon for a moment to pull, so there is no timeline.');
    const { calendarOf } = await import('./calendar-file');
    const { document } = readPlan();
    const { count } = document.loads;
    const loads = study && count > 1 ? await new Promise<LoadsOutcome>((done) => study.loads(document, done)) : null;
    const atFryer = loads?.time ?? count * pullTime;
    const text = calendarOf(document, pullTime, atFryer, nextClock(serveAt), units);
    if (text) saveFile(fileNameOf(document.name, 'ics'), text, 'text/calendar');
    else notifyError('The timeline could not be written.');
  };
  const items = [
    { word: 'Keep as a version', act: () => void post(`/api/plans/${planId}/versions`, 'Kept as a version') },
    { word: 'Duplicate', act: () => void post(`/api/plans/${planId}/copies`, 'Copied; it is among your plans') },
    { word: 'Versions', act: () => void stored().then((done) => done && router.push(`/plans/${planId}`)) },
    { word: 'Copy a link to it', act: () => void share() },
    {
      word: 'Prep card, to print',
      act: () => void stored().then((done) => done && router.push(`/plans/${planId}/card`)),
    },
    {
      word: 'What goes wrong with it',
      act: () => void stored().then((done) => done && router.push(`/plans/${planId}/trouble`)),
    },
    { word: 'Save as plan file', act: savePlan },
    { word: 'Save as recipe (JSON-LD)', act: () => void saveRecipe() },
    { word: 'Save the timeline (iCalendar)', act: () => void saveCalendar() },
    { word: 'Open a file, recipe or link', act: () => router.push('/open') },
  ];
  return (
    <LateMenu
      className="flex min-h-11 shrink-0 items-center gap-1 px-1.5 text-[15px] font-semibold text-rim"
      label={
        <>
          This plan <ChevronDown size={16} aria-hidden />
        </>
      }
      items={items}
    />
  );
});
