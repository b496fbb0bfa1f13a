import { Suspense, type ReactNode } from 'react';
import { BenchPage } from '../../ui/bench/BenchPage';

export default function Page(): ReactNode {
  return (
    <Suspense>
      <BenchPage />
    </Suspense>
  );
}
