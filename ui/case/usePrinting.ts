'use client';

import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/**
 * Whether the page is being printed, or shown as it would be. What is only for paper is then drawn at once, and not on
 * every key before.
 */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const paper = window.matchMedia('print');
    const show = (on: boolean) => (): void => flushSync(() => setPrinting(on));
    const follow = (): void => flushSync(() => setPrinting(paper.matches));
    const [begin, end] = [show(true), show(false)];
    paper.addEventListener('change', follow);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      paper.removeEventListener('change', follow);
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}
