import { useMemo } from 'react';
import { builtInCatalogue, withCustom } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import { useEndpoint } from './use-endpoint';

/** The movements that ship with the studio's own on top; those that ship alone until the studio's are read. */
export const useCatalogue = (): Catalogue => {
  const { data } = useEndpoint('listMovements', {}, { staleTime: 60_000 });
  return useMemo(() => (data ? withCustom(builtInCatalogue, data) : builtInCatalogue), [data]);
};
