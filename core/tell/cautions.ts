import { TREATMENT_CAUTIONS, type TreatmentCaution } from '../treat/shared/treated';
import { type Treatment } from '../treat/treatments';

/** A hazard by name: of what is put on, or of the soil itself. */
export type CautionId = 'lead' | 'salts' | TreatmentCaution;

/**
 * The hazards that some treatments raise, each once, the bodily ones first. Lead and salts are no matter of the plan:
 * they stand above it.
 */
export function cautionsFor(treatments: readonly Treatment[]): TreatmentCaution[] {
  const raised = new Set(treatments.flatMap(({ cautions }) => cautions));
  return TREATMENT_CAUTIONS.filter((caution) => raised.has(caution));
}
