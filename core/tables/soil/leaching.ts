/**
 * Water that washes salts down, inches, and the share of them that stays. Common practice after USDA Handbook 60 (1954): six
 * inches take away about half, twelve four fifths, two feet nine tenths, where water drains.
 */
export const LEACHING = [
  { inches: 6, stays: 0.5 },
  { inches: 12, stays: 0.2 },
  { inches: 24, stays: 0.1 },
] as const;
