import QRCode from 'qrcode';
import type { ReactNode } from 'react';

/** Quiet modules around a code, as ISO/IEC 18004 asks for. */
const QUIET = 4;

/** A text as a QR code, black on white at any size. */
export function QrCode({ value, className }: { value: string; className: string }): ReactNode {
  const { modules } = QRCode.create(value, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const dark = Array.from({ length: size * size }, (_none, at) => at).filter((at) =>
    modules.get(Math.floor(at / size), at % size),
  );
  const squares = dark.map((at) => `M${at % size} ${Math.floor(at / size)}h1v1h-1z`);
  const edge = size + 2 * QUIET;
  return (
    <svg
      viewBox={`${-QUIET} ${-QUIET} ${edge} ${edge}`}
      shapeRendering="crispEdges"
      aria-hidden="true"
      className={className}
    >
      <rect x={-QUIET} y={-QUIET} width={edge} height={edge} fill="#fff" />
      <path d={squares.join('')} fill="#000" />
    </svg>
  );
}
