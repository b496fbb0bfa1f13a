import type { Area } from '../casefile/parts/area';
import type { ClimateCard } from '../catalog/climate/card';
import type { Pack } from '../catalog/packs/pack';
import type { Form } from '../catalog/programmes/growing';
import type { Plant } from '../catalog/plants/plants';
import type { IsoDate } from '../kernel/typed/date';
import type { Quantity } from '../kernel/units/quantity';
import type { Figure } from '../kernel/working/working';
import type { LearnedHere } from '../reading/learned';
import type { Habit } from '../outlook/habit';
import type { Ledger, LedgerAgainst } from '../outlook/ledger';
import type { Verdict } from '../outlook/verdict/verdict';
import type { NextTest } from '../outlook/nextTest';
import type { PhOutlook } from '../outlook/phOutlook';
import type { SoilTest } from '../reading/soilTest';
import type { AreaReading } from '../reading/types';
import type { Allowed } from '../site/localRules';
import type { AreaGoal } from '../site/goal';
import type { Ground } from '../site/ground/ground';
import type { PastSummary } from '../site/past';
import type { AskedReadings } from '../site/report/types';
import type { SamplingPlan } from '../site/sampling/samplingPlan';
import type { DayFigure } from '../schedule/climate/dayFigures';
import type { DatedWork } from '../treat/fieldWork/plan';
import type { CoverRead } from '../site/covers';
import type { LoadRead } from '../site/loads';
import type { DatedLoad } from '../treat/organics/plan';
import type { Strip } from '../site/strips';
import type { Judgement } from '../judge/judgements';
import type { LiquidFeed } from '../treat/liquid/liquidFeed';
import type { Spreading } from '../treat/spread/spread';
import type { Treatments } from '../treat/treatments';
import type { UnsureAmount } from '../treat/unsureAmounts';

/** What is worked out for one area, before anything is said of it. */
export interface AreaPlan {
  readonly area: Area;
  /** The plant that it is fed for, and what all that grows there wants of the pH. */
  readonly plant: Plant;
  /** How it is grown. */
  readonly form: Form;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  /** The day from which it is planned. */
  readonly planFrom: IsoDate | undefined;
  /** The climate that its days follow from. */
  readonly climate: ClimateCard | undefined;
  /** What the local rules allow here. */
  readonly allowed: Allowed;
  /** Strips along water and wells that local rules keep free. */
  readonly strips: readonly Strip[];
  readonly ground: Ground;
  readonly sampling: SamplingPlan;
  /** Its only sample is shared with plants that need other soil: it counts as not tested. */
  readonly mixedSample: boolean;
  /** Something is known of its sample, or was seen when it was taken. */
  readonly sampled: boolean;
  readonly readings: AskedReadings;
  readonly past: PastSummary;
  readonly soilTest: SoilTest;
  /** The soil holds free lime, which ties up phosphate. */
  /** How this ground itself answered to lime and sulfur. */
  readonly learned: LearnedHere;
  readonly calcareous: boolean;
  readonly reading: AreaReading;
  readonly treatments: Treatments;
  /** How it is spread; nothing where no spreader is known. */
  readonly spreading: Spreading | undefined;
  /** Sowing, mowing, harvest: what else has a day. */
  readonly works: readonly DatedWork[];
  /** Compost, manure and cover crops, and the loads that are to come on their days. */
  readonly loads: readonly LoadRead[];
  readonly covers: readonly CoverRead[];
  readonly comingLoads: readonly DatedLoad[];
  /** The days of the climate that its dates are counted from, with their sums, by the key of the moment. */
  readonly moments: Readonly<Record<string, DayFigure>>;
  /** The pH over the coming months, if what is advised goes on; empty where nothing does. */
  readonly outlook: PhOutlook;
  /** A feed in water, where one was chosen. */
  readonly liquid: LiquidFeed | undefined;
  /** What one product would do that is the only one for some years, where that was asked. */
  readonly habit: Habit | undefined;
  /** What went on it, year by year. */
  readonly ledger: Ledger;
  readonly ledgerAgainst: LedgerAgainst;
  /** What a new report says of what went on since the one before; nothing where there is nothing to say. */
  readonly verdict: Verdict | undefined;
  /** Limestone that undoes the acid of the season's fertilizer. */
  readonly fertilizerAcid: Figure<Quantity<'lb/1000ft2', 'CaCO3'>> | undefined;
  /** What is put on over the whole range of ground that is not surely measured. */
  readonly unsureAmounts: readonly UnsureAmount[];
  /** What the client is told besides amounts and days, the gravest first. */
  readonly judgements: readonly Judgement[];
  /** When it is tested again where nothing that is put on asks for it sooner. */
  readonly nextTest: NextTest;
}

/** A piece of ground that could not be worked out: the case has too much of it, or the program has a fault. */
export interface BrokenArea {
  readonly area: Area;
  readonly why: 'areaBroken' | 'areaTooMuch';
  /** What the fault says of itself. */
  readonly fault: string | undefined;
}
