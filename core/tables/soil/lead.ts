/**
 * Total lead in bare soil where people live, ppm: US EPA guidance of January 2024 (200, and 100 where there
 * are other sources of lead, as issued then) and before (400, 1994 and 2001). Guidance, never law; states
 * may be stricter, and the strictest that applies counts. Recalled: a revision of late 2025 is believed to
 * keep 200 and to drop the 100. An extract is never compared with any of them.
 */
export const LEAD_TOTAL = { otherSources: 100, since2024: 200, before2024: 400 } as const;
