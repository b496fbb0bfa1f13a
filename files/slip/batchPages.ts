import { turnsOn, planCase } from '../../core/plan/plan';
import type { CaseFile } from '../../core/casefile/casefile';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import type { UnitSystem } from '../../core/kernel/units/metric';
import type { Language } from '../../core/casefile/parts/language';
import type { Voice } from '../../words/voice';
import { readCaseDocument } from '../schemas/caseFile';
import type { PaperPage } from './pagePdf';
import { writtenPage, type Signed } from './writtenPage';

/** How the pages of a batch are written. */
export interface Wanted {
  readonly units: UnitSystem;
  readonly signed: Signed;
}

/** A case whose page is not in the batch, and why. */
export interface LeftOut {
  readonly title: string;
  readonly why: string;
}

export interface BatchPages {
  readonly pages: readonly PaperPage[];
  readonly told: { readonly count: number; readonly leftOut: readonly LeftOut[] };
}

function titleOf(document: unknown): string {
  const { title } = (document ?? {}) as { readonly title?: unknown };
  return typeof title === 'string' ? title : '';
}

/** Writes the pages of many cases, each in its client's language; a case whose page cannot go out is told with the reason. */
export class PageWriter {
  private readonly pages: PaperPage[] = [];
  private readonly leftOut: LeftOut[] = [];
  private readonly voices: Readonly<Record<Language, Voice>>;

  constructor(private readonly wanted: Wanted) {
    this.voices = { en: createEnglish(wanted.units), es: createSpanish(wanted.units) };
  }

  add(document: unknown): void {
    const { en } = this.voices;
    const leave = (title: string, why: string): void => void this.leftOut.push({ title, why });
    const read = readCaseDocument(document);
    if (read.kind !== 'valid') return leave(titleOf(document), en.message(read.reason));
    this.write(read.file, leave);
  }

  private write(file: CaseFile, leave: (title: string, why: string) => void): void {
    const plan = planCase(file);
    if (plan.slip.blocks.length === 0 || plan.steps.slip !== 'done') {
      return leave(file.title, this.voices.en.message(turnsOn(plan)));
    }
    const { language } = file.client;
    const page = writtenPage(file, plan, this.voices[language], this.wanted.signed);
    this.pages.push({ page, language });
  }

  made(): BatchPages {
    return { pages: this.pages, told: { count: this.pages.length, leftOut: this.leftOut } };
  }
}
