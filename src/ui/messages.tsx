'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { onFirstMessage } from './notify';

const MessageList = dynamic(() => import('./message-list').then((part) => part.MessageList), { ssr: false });

/** Where messages appear, once there is one. */
export function Messages() {
  const [wanted, setWanted] = useState(false);
  useEffect(() => onFirstMessage(() => setWanted(true)), []);
  return wanted ? <MessageList /> : null;
}
