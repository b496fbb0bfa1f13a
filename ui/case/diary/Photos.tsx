'use client';

import { useState, type ReactNode } from 'react';
import { MOST_PHOTOS, type PastEntry } from '../../../core/casefile/parts/past';
import { own } from '../../../core/kernel/typed/own';
import { FilePick } from '../../files/FilePick';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Dialog } from '../../kit/Dialog';
import { useCase } from '../context/caseContext';
import { takePhoto, type Taken } from './takePhoto';

type Outcome = { readonly kind: 'reading' | 'full' } | Exclude<Taken, { kind: 'photo' }>;

/** The photos of a record, small; each opens, and can be taken off. */
export function Photos({ entry, open }: { entry: PastEntry; open: boolean }): ReactNode {
  const { session, state } = useCase();
  const [outcome, setOutcome] = useState<Outcome>();
  const [shown, setShown] = useState<string>();
  const photos = Object.keys(entry.photos).flatMap((id) => {
    const attachment = own(state.doc.attachments, id);
    return attachment ? [{ id, src: `data:image/jpeg;base64,${attachment.text}` }] : [];
  });
  const take = async (file: File): Promise<void> => {
    setOutcome({ kind: 'reading' });
    const taken = await takePhoto(file);
    if (taken.kind !== 'photo') {
      setOutcome(taken);
      return;
    }
    try {
      const id = await session.attach({ kind: 'photo', text: taken.text });
      session.edit([{ path: `past/${entry.id}/photos/${id}`, value: { id } }], `photo:${id}`);
      setOutcome(undefined);
    } catch {
      // Nothing was stored: the browser has no room, or does not say why.
      setOutcome({ kind: 'full' });
    }
  };
  const drop = (id: string): void => {
    setShown(undefined);
    session.edit([{ path: `past/${entry.id}/photos/${id}`, value: undefined }], `no-photo:${id}`);
  };
  const large = photos.find(({ id }) => id === shown);
  return (
    <>
      {photos.length > 0 && (
        <ul className="my-1 flex flex-wrap gap-2">
          {photos.map(({ id, src }, at) => (
            <li key={id}>
              <button
                type="button"
                onClick={() => setShown(id)}
                className="block rounded border border-control"
              >
                {/* eslint-disable-next-line @next/next/no-img-element -- it is in the page already */}
                <img
                  src={src}
                  alt={text('photo.open', { n: at + 1 })}
                  className="h-16 w-20 rounded object-cover"
                />
              </button>
            </li>
          ))}
        </ul>
      )}
      {open && photos.length < MOST_PHOTOS && (
        <div className="mt-2">
          <FilePick label={text('photo.add')} accept="image/*" onFile={(file) => void take(file)} />
          <p className="text-small text-ink-2">{text('photo.how')}</p>
        </div>
      )}
      {outcome && <p role="status">{text(`photo.${outcome.kind}`)}</p>}
      {large && (
        <Dialog title={text('photo.title')} onClose={() => setShown(undefined)}>
          {/* eslint-disable-next-line @next/next/no-img-element -- it is in the page already */}
          <img src={large.src} alt={text('photo.title')} className="max-h-[65vh] max-w-full" />
          <div className="mt-3">
            <Button look="quiet" onClick={() => drop(large.id)}>
              {text('photo.drop')}
            </Button>
          </div>
        </Dialog>
      )}
    </>
  );
}
