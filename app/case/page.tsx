import { Suspense } from 'react';
import { CasePage } from '../../ui/case/CasePage';

export default function Page() {
  return (
    <Suspense>
      <CasePage />
    </Suspense>
  );
}
