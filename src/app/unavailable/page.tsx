import { connection } from 'next/server';
import { Unavailable } from '../_components/unavailable';

/** Waits for the database, then goes on to the page that was asked for. */
export default async function UnavailablePage({ searchParams }: PageProps<'/unavailable'>) {
  await connection();
  const { next } = await searchParams;
  const path = typeof next === 'string' && /^\/(?![/\\])/.test(next) ? next : '/';
  return <Unavailable next={path} />;
}
