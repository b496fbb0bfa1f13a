'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import { db } from '../../store/db';
import { hasPending } from '../../store/mirror';
import { text } from '../format/shell';
import { Button } from '../kit/Button';

/** What there is to say about the program that this tab is made of. */
type Update = 'none' | 'waiting' | 'storing' | 'taken' | 'outdated' | 'blocked';

const HOUR_MS = 3_600_000;
const LOOK_AGAIN_MS = 300;

/** Resolves once nothing that was typed, here or in another tab, waits to be stored. */
async function stored(): Promise<void> {
  while (hasPending()) await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN_MS));
}

/**
 * Has the browser keep the whole program, and offers a newer one where there is one. A tab changes to it when its
 * person says so and everything typed is stored; never by itself.
 */
export function ProgramUpdate(): ReactNode {
  const [update, setUpdate] = useState<Update>('none');
  const change = useRef<() => void>(() => undefined);
  const asked = useRef(false);
  useEffect(() => {
    const outdated = (): void => setUpdate('outdated');
    // An older program that does not let go of its data keeps this one from opening them.
    const blocked = (): void => setUpdate('blocked');
    const opened = (): void => setUpdate((now) => (now === 'blocked' ? 'none' : now));
    db.on('versionchange', outdated);
    db.on('blocked', blocked);
    db.on('ready', opened);
    return () => {
      db.on('versionchange').unsubscribe(outdated);
      db.on('blocked').unsubscribe(blocked);
      db.on('ready').unsubscribe(opened);
    };
  }, []);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return undefined;
    const { serviceWorker } = navigator;
    let hadOne = serviceWorker.controller !== null;
    const controlled = (): void => {
      if (asked.current) location.reload();
      else if (hadOne) setUpdate('taken');
      hadOne = true;
    };
    serviceWorker.addEventListener('controllerchange', controlled);
    // A browser that keeps nothing works as before, with the server.
    const kept = serviceWorker.register('/service-worker.js').catch(() => undefined);
    void kept.then((program) => {
      const offer = (): void => {
        // The first one of all waits for nobody.
        if (program?.waiting && serviceWorker.controller) setUpdate('waiting');
      };
      offer();
      program?.addEventListener('updatefound', () =>
        program.installing?.addEventListener('statechange', offer),
      );
    });
    change.current = () =>
      void kept.then((program) => program?.waiting?.postMessage({ type: 'SKIP_WAITING' }));
    const look = (): void => void kept.then((program) => program?.update().catch(() => undefined));
    const looking = setInterval(look, HOUR_MS);
    return () => {
      clearInterval(looking);
      serviceWorker.removeEventListener('controllerchange', controlled);
    };
  }, []);
  if (update === 'none') return null;
  const take = async (): Promise<void> => {
    asked.current = true;
    setUpdate('storing');
    await stored();
    change.current();
  };
  const loadAnew = async (): Promise<void> => {
    if (update === 'taken') await stored();
    location.reload();
  };
  return (
    <p
      role="status"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule bg-spruce-wash px-4 py-1.5 print:hidden"
    >
      {text(`update.${update}`)}
      {update === 'waiting' && (
        <Button look="quiet" onClick={() => void take()}>
          {text('update.take')}
        </Button>
      )}
      {(update === 'taken' || update === 'outdated') && (
        <Button look="quiet" onClick={() => void loadAnew()}>
          {text('update.reload')}
        </Button>
      )}
    </p>
  );
}
