import { msg } from '../../kernel/messages/msg';
import { MIXED_SAMPLE } from '../../site/report/mixedSample';
import { asking } from '../../site/questions';
import { WEEKS_AFTER_SPREADING } from '../../tables/ground/sampling';
import type { FindInput, Finder } from './finder';

/** What the plan rests on that is not what it would rather rest on, and what on the report may be a slip. */
export function reportFindings(
  finder: Finder,
  { plan: { area, plant, readings, mixedSample } }: FindInput,
): void {
  const { phFromField: by, recommended, waterPh, questions } = readings;
  if (by) {
    const ph = { working: waterPh.id };
    finder.find('ph', 'note', `phFromField.${by.source}`, { ph }, [waterPh]);
  }
  const { typed } = recommended;
  const amounts = [typed['rec-n'], typed['rec-p'], typed['rec-k'], typed['rec-product']];
  if (
    typed['rec-per'].text === 'planting' &&
    area.situation !== 'tilled' &&
    amounts.some(({ text }) => text.trim() !== '')
  ) {
    finder.find('feeding', 'note', 'recAtPlanting');
  }
  finder.ask(questions);
  if (mixedSample) {
    const about = { areaId: area.id, step: 'sample' } as const;
    const params = { plant: msg(`plant.${plant.id}`) };
    finder.ask([asking(about, { token: MIXED_SAMPLE }, 'mixedSample', params)]);
  }
}

/** What was put on before: what is dated after the plan, and what is still at work. */
export function pastFindings(finder: Finder, { plan: { area, past } }: FindInput): void {
  const about = { areaId: area.id, step: 'results' } as const;
  finder.ask(
    past.toCome.map(({ id, on }) =>
      asking(about, { token: `future:${id}:${on}` }, 'pastInFuture', { date: { date: on } }, [], {
        subject: id,
      }),
    ),
  );
  if (past.recentSulfur) finder.find('ph', 'note', 'sulfurAtWork');
  if (past.recentCompost) finder.find('feeding', 'note', 'compostGiven');
}

/** A sample that tells of what was spread shortly before. */
export function samplingFindings(finder: Finder, { plan: { sampling } }: FindInput): void {
  const last = sampling.tooSoonAfter;
  if (!last) return;
  const params = { last: { date: last }, weeks: WEEKS_AFTER_SPREADING };
  finder.find('sample', 'note', 'sampledTooSoon', params);
}
