import Link from 'next/link';
import { TabTitle } from '@/ui/tab-title';

/** An address that leads nowhere. */
export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-4 py-16">
      <TabTitle page="Nothing here" />
      <div className="tray p-6">
        <h1 className="text-2xl">Nothing here</h1>
        <p className="mt-3">
          This address leads to nothing in this kitchen. A batch or plan may belong to another one.
        </p>
        <p className="mt-3 flex gap-5 font-semibold text-rim underline underline-offset-4">
          <Link href="/">Bench</Link>
          <Link href="/log">Log</Link>
        </p>
      </div>
    </main>
  );
}
