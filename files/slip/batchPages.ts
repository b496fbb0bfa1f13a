import { turnsOn, planCase } from '../../core/plan/plan';
import { releaseOf } from '../../core/plan/release';
import type { Plan } from '../../core/plan/types';
import type { CaseFile } from '../../core/casefile/casefile';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import type { UnitSystem } from '../../core/kernel/units/metric';
import type { Language } from '../../core/casefile/parts/language';
import type { Voice } from '../../words/voice';
import { readCaseDocument } from '../schemas/caseFile';
import type { PaperPage } from './pagePdf';
import { writtenLetter, writtenPage, type Signed } from './writtenPage';

/** How the pages of a batch are written. */
export interface Wanted {
  /** The pages of what was planned, or the letters that remind of the next test. */
  readonly what: 'pages' | 'letters';
  readonly units: UnitSystem;
  readonly signed: Signed;
  /** Volunteers type the cases of this office: only what was looked over goes out. */
  readonly volunteers: boolean;
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
    if (this.wanted.what === 'letters') return this.writeLetter(file, plan, leave);
    if (plan.slip.blocks.length === 0 || plan.steps.slip !== 'done') {
      return leave(file.title, this.voices.en.message(turnsOn(plan)));
    }
    const release = releaseOf(file, plan, this.wanted.volunteers);
    if (!release.goesOut) {
      return leave(file.title, this.voices.en.text(`release.why.${release.why}`));
    }
    const { language } = file.client;
    const page = writtenPage(file, plan, this.voices[language], this.wanted.signed);
    this.pages.push({ page, language });
  }

  private writeLetter(
    file: CaseFile,
    plan: Plan,
    leave: (title: string, why: string) => void,
  ): void {
    const { language } = file.client;
    const page = writtenLetter(file, plan, this.voices[language], this.wanted.signed);
    if (page) this.pages.push({ page, language });
    else leave(file.title, this.voices.en.text('batch.noTest'));
  }

  made(): BatchPages {
    return { pages: this.pages, told: { count: this.pages.length, leftOut: this.leftOut } };
  }
}
