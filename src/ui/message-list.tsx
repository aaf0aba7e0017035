'use client';

import { useEffect } from 'react';
import { Toaster, toast } from 'sonner';
import { showMessagesBy } from './notify';

/** Shows messages at the foot of the page. */
export function MessageList() {
  useEffect(() => showMessagesBy(({ words, isError }) => (isError ? toast.error(words) : toast(words))), []);
  return <Toaster position="bottom-center" />;
}
