'use client';

import { useEffect, useState } from 'react';
import type { Language } from '../../core/casefile/parts/language';
import type { Voice } from '../../words/voice';
import { voice } from '../format/text';

let spanish: Voice | undefined;

/** The voice of a client's page; its words are fetched when the first page in that language is shown. */
export async function pageVoice(language: Language): Promise<Voice> {
  if (language === 'en') return voice;
  const { createSpanish } = await import('../../words/spanish');
  return (spanish ??= createSpanish(voice.units));
}

/** The voice of a client's page; none while its words are on their way. */
export function usePageVoice(language: Language): Voice | undefined {
  const [fetched, setFetched] = useState(spanish);
  useEffect(() => {
    void pageVoice(language).then((its) => {
      if (language !== 'en') setFetched(its);
    });
  }, [language]);
  return language === 'en' ? voice : fetched;
}
