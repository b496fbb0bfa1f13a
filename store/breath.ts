/** How far long work has come. */
export interface Progress {
  readonly done: number;
  readonly total: number;
}

/** Lets the page draw and answer before long work goes on. */
export function breath(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}
