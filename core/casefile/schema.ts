/** The schema number of the documents that this version writes. */
export const SCHEMA = 10;
