import { API_BASE } from '@spalo/contract/operations';
import { useEffect, useState } from 'react';
import { getFile } from '../../state/film/film-files';

/** Where a film or still is: on this device, in the studio's store, or nowhere that can be reached. */
export type FilmPlace =
  | { at: 'coming' }
  | { at: 'device' | 'studio'; url: string; blob: () => Promise<Blob> }
  | { at: 'nowhere' };

async function fetched(url: string): Promise<Blob> {
  const response = await fetch(url, { credentials: 'same-origin' });
  if (!response.ok) throw new Error('The film is not in the studio’s store any more');
  return response.blob();
}

async function placeOf(id: string): Promise<FilmPlace> {
  const held = await getFile(id);
  if (held) {
    return { at: 'device', url: URL.createObjectURL(held.blob), blob: async () => held.blob };
  }
  const url = `${API_BASE}/films/${id}/bytes`;
  const answer = await fetch(url, {
    method: 'HEAD',
    credentials: 'same-origin',
  }).catch(() => null);
  return answer?.ok ? { at: 'studio', url, blob: () => fetched(url) } : { at: 'nowhere' };
}

/** The bytes of a film or still, from this device or the studio's store; null where neither has them. */
export async function filmBlob(id: string): Promise<Blob | null> {
  const place = await placeOf(id).catch((): FilmPlace => ({ at: 'nowhere' }));
  if (!('url' in place)) return null;
  if (place.at === 'device') URL.revokeObjectURL(place.url);
  return place.blob().catch(() => null);
}

/** A film or still to be shown; its address is let go of when it is left. */
export function useFilmFile(id: string): FilmPlace {
  const [found, setFound] = useState<{ id: string; place: FilmPlace } | null>(null);
  useEffect(() => {
    let left = false;
    let url: string | null = null;
    void placeOf(id)
      .catch((): FilmPlace => ({ at: 'nowhere' }))
      .then((place) => {
        if ('url' in place && place.at === 'device') ({ url } = place);
        if (left && url) URL.revokeObjectURL(url);
        else setFound({ id, place });
      });
    return () => {
      left = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [id]);
  return found?.id === id ? found.place : { at: 'coming' };
}
