import type { ReactNode } from 'react';
import type { Shape } from '../../core/casefile/casefile';
import { parseNumber } from '../../core/typed/number';

const BOX = { width: 60, height: 40 };
const LONGEST = { width: 54, height: 34 };

function measure(typed: string): number | undefined {
  const parsed = parseNumber(typed, { above: 0 });
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/** A rectangle in proportion, at most six times as long as wide so that it can be seen. */
function Rectangle({ shape }: { shape: Shape }): ReactNode {
  const long = measure(shape.length) ?? 1.5;
  const wide = measure(shape.width) ?? 1;
  const scale = Math.min(LONGEST.width / long, LONGEST.height / wide);
  const [width, height] = [Math.max(5, long * scale), Math.max(5, wide * scale)];
  return (
    <rect x={(BOX.width - width) / 2} y={(BOX.height - height) / 2} width={width} height={height} />
  );
}

interface ShapeFigureProps {
  readonly shape: Shape;
  readonly className: string;
}

/** An area as a small shape, true in proportion; dashed where its outline is not known. */
export function ShapeFigure({ shape, className }: ShapeFigureProps): ReactNode {
  const outlined = shape.kind === 'rectangle' || shape.kind === 'circle';
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      aria-hidden="true"
      className={`fill-spruce/20 stroke-spruce ${className}`}
      strokeDasharray={outlined ? undefined : '3 3'}
    >
      {shape.kind === 'circle' ? (
        <circle cx="30" cy="20" r="17" />
      ) : shape.kind === 'rectangle' ? (
        <Rectangle shape={shape} />
      ) : (
        <path d="M6 34 V12 L26 5 L54 12 V34 Z" />
      )}
    </svg>
  );
}
