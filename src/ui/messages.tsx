'use client';

import dynamic from 'next/dynamic';

/** Where messages appear. */
export const Messages = dynamic(() => import('sonner').then(({ Toaster }) => Toaster), { ssr: false });
