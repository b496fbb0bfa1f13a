import { expose } from 'comlink';
import { readGeoJson, type ReadGeoJson } from '../files/geojson';

/** A map file, read off the page's own thread: its outlines may have thousands of corners. */
const reader = {
  read(text: string): ReadGeoJson {
    return readGeoJson(text);
  },
};

export type MapReader = typeof reader;

expose(reader);
