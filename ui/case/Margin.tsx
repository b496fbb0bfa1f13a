'use client';

import { headlinesOf } from '../../core/tell/headlines';
import type { ReactNode } from 'react';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { SlipBlocks } from '../slip/SlipBlocks';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';
import { VoiceProvider } from '../format/voiceContext';
import { usePageVoice } from '../slip/usePageVoice';
import { useCase } from './context/caseContext';

interface MarginProps {
  readonly folded: boolean;
  readonly onFold: () => void;
}

/** What the slip says right now, live while typing: the same data as the slip. It folds away. */
export function Margin({ folded, onFold }: MarginProps): ReactNode {
  const { plan, go, area, all } = useCase();
  const several = plan.areas.length > 1;
  const blocks = plan.slip.blocks.filter(
    ({ areaId }) => !several || all || areaId === area.area.id,
  );
  const fold = (
    <Button
      look="quiet"
      onClick={onFold}
      aria-expanded={!folded}
      aria-label={text('command.fold')}
      title={text('command.fold')}
    >
      {text(folded ? 'margin.unfold' : 'margin.fold')}
    </Button>
  );
  if (folded) return fold;
  return (
    <>
      <div className="mb-2 flex items-center gap-2">
        <h2 className="flex-1 text-label font-semibold text-ink-2">{text('margin.title')}</h2>
        <Button look="quiet" onClick={() => go('slip')}>
          {text('margin.whole')}
        </Button>
        {fold}
      </div>
      {blocks.length === 0 ? (
        <p className="font-serif text-slip text-ink-2">{text('margin.empty')}</p>
      ) : (
        <InPageLanguage>
          <SlipBlocks blocks={blocks} />
        </InPageLanguage>
      )}
    </>
  );
}

/** What stands on the page is in the client's language, here too. */
function InPageLanguage({ children }: { children: ReactNode }): ReactNode {
  const { language } = useCase().state.doc.client;
  const voice = usePageVoice(language);
  if (!voice) return <p aria-busy="true" />;
  return (
    <VoiceProvider value={voice}>
      <div lang={voice.locale}>{children}</div>
    </VoiceProvider>
  );
}

/** The margin in one line, where there is no room for it beside the worksheet. */
export function MarginBar(): ReactNode {
  const { area, go, step } = useCase();
  return (
    <div className="border-t border-rule bg-sheet px-4 py-1.5">
      <Openable>
        <div className="flex items-center justify-between gap-4">
          <p className="min-w-0 font-serif text-slip">
            <FigureText message={headlinesOf(area)[step === 'feeding' ? 'feeding' : 'ph']} bold />
          </p>
          <Button look="quiet" onClick={() => go('slip')}>
            {text('margin.whole')}
          </Button>
        </div>
      </Openable>
    </div>
  );
}
