import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
import { Gauge } from './gauge';

/** A gauge to print and hold against the pieces. */
export default async function GaugePage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/kitchen" title="Cut gauge">
      <Gauge />
    </Shell>
  );
}
