'use client';

import type { ReactNode } from 'react';
import type { Msg } from '../../core/kernel/messages/msg';
import { richMessage } from '../format/message';
import { useVoice } from '../format/voiceContext';
import { Figure } from './Figure';
import { useWorkings } from './openWorking';

interface FigureTextProps {
  readonly message: Msg;
  readonly plain?: boolean;
  readonly bold?: boolean;
}

/** A message with its figures openable. */
export function FigureText({ message, plain = false, bold = false }: FigureTextProps): ReactNode {
  const { workings } = useWorkings();
  const voice = useVoice();
  return richMessage(message, {
    voice,
    workings,
    plain,
    figure: (id) => <Figure id={id} plain={plain} bold={bold} />,
  });
}
