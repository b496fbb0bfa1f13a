import { useMemo } from 'react';
import { SHIPPED_MATERIALS, type Materials } from '../../../core/catalog/materials/materials';
import { materialsOf } from '../../../core/site/ownMaterials';
import { useCase } from './caseContext';

/** The materials of the case: the shipped ones, and those of its own bags. */
export function useMaterials(): Materials {
  const { doc } = useCase().state;
  return useMemo(() => materialsOf({}, doc, SHIPPED_MATERIALS), [doc]);
}
