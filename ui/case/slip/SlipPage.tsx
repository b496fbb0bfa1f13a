'use client';

import type { ReactNode } from 'react';
import { isUnnamed } from '../../../core/tell/slip/unnamed';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { useVoice, VoiceProvider } from '../../format/voiceContext';
import { useCase } from '../context/caseContext';
import { useRelease } from '../context/useRelease';
import { Logo } from '../../shell/Logo';
import { stepsOf } from '../../../core/kernel/working/steps';
import { WorkingSteps } from '../../working/WorkingSteps';
import { Signature } from '../../slip/Signature';
import { SlipBlocks } from '../../slip/SlipBlocks';
import { usePaperOptions } from '../../slip/paperOptions';
import { useOffice } from '../../slip/useOffice';
import { usePageVoice } from '../../slip/usePageVoice';

/** How the figures of the page were reached, for whoever asks. */
function Appendix(): ReactNode {
  const { plan } = useCase();
  if (plan.slip.appendix.length === 0) return null;
  const seen = new Set<string>();
  return (
    <section className="mt-6 border-t border-rule pt-3 print:mt-0 print:break-before-page">
      <h3 className="text-small font-semibold text-ink-2">{text('slip.appendix')}</h3>
      {plan.slip.appendix.map((id) => {
        const working = plan.workings.get(id);
        if (!working) return null;
        return (
          <div
            key={id}
            data-working-panel={id}
            className="mt-2 rounded bg-spruce-wash px-3 py-1.5 text-small print:break-inside-avoid"
          >
            <WorkingSteps
              id={id}
              workings={plan.workings}
              steps={stepsOf(id, plan.workings, seen)}
            />
            <p className="text-label text-ink-2">
              {messageText(working.label, plan.workings)} · {id}
            </p>
          </div>
        );
      })}
    </section>
  );
}

/**
 * The whole page that the client takes home, in the client's language: what is printed is this and nothing else.
 * @param children the lines of the page where they are shown in another way than they are printed
 */
export function SlipPage({ children }: { children?: ReactNode }): ReactNode {
  const { client } = useCase().state.doc;
  const voice = usePageVoice(client.language);
  if (!voice) return <p aria-busy="true" />;
  return (
    <VoiceProvider value={voice}>
      <Article>{children}</Article>
    </VoiceProvider>
  );
}

function Article({ children }: { children: ReactNode }): ReactNode {
  const { state, plan } = useCase();
  const voice = useVoice();
  const { large, sums } = usePaperOptions();
  const release = useRelease();
  const { paper } = useOffice();
  const { title, client } = state.doc;
  const unnamed = isUnnamed(state.doc);
  const who = [client.name, client.place].filter((part) => part.trim() !== '').join(', ');
  const page = (
    <article
      className={`max-w-2xl ${paper === 'a4' ? 'on-a4' : ''} ${large ? 'in-large' : ''}`}
      lang={voice.locale}
    >
      <header className="mb-3 flex items-end justify-between gap-4 border-b border-ink pb-2">
        <div>
          <h2 className="font-serif text-decision font-semibold">
            {(!unnamed && title.trim()) || voice.text('slip.unnamedTitle')}
          </h2>
          {who && !unnamed && <p className="text-ink-2">{who}</p>}
        </div>
        <span className="flex items-center gap-2 font-serif font-semibold">
          <Logo />
          {text('app.name')}
        </span>
      </header>
      {plan.slip.blocks.length === 0 ? (
        <p className="text-ink-2">{text('slip.empty')}</p>
      ) : (
        (children ?? <SlipBlocks blocks={plan.slip.blocks} />)
      )}
      <Signature />
      <footer className="mt-6 border-t border-rule pt-2 text-label text-ink-2">
        {voice.text('slip.footer')}
      </footer>
      {sums && <Appendix />}
    </article>
  );
  // The browser's own command prints too: what waits for a second person stays on the screen.
  if (!release.goesOut) {
    return (
      <>
        <p className="hidden print:block">{text(`release.why.${release.why}`)}</p>
        <div className="print:hidden">{page}</div>
      </>
    );
  }
  return page;
}
