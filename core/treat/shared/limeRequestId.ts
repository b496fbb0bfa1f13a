/** What lime asks the scheduler under: fertilizer keeps its distance from its days. */
export function limeRequestId(areaId: string): string {
  return `${areaId}/lime`;
}
