import { createContext, useContext } from 'react';
import type { Voice } from '../../words/voice';
import { voice } from './text';

const VoiceContext = createContext(voice);
/** The voice of what stands below: a client's page may be in another language than the screens. */
export const VoiceProvider = VoiceContext.Provider;

/** The voice that messages and figures are written in here. */
export function useVoice(): Voice {
  return useContext(VoiceContext);
}
