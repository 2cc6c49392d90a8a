import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';
import { BarlowSemiCondensed_500Medium } from '@expo-google-fonts/barlow-semi-condensed/500Medium';
import { BarlowSemiCondensed_600SemiBold } from '@expo-google-fonts/barlow-semi-condensed/600SemiBold';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { useFonts } from 'expo-font';
import { useState } from 'react';
import type { ComponentType } from 'react';
import { isKeptOnDevice, KEEP_MS, makeQueryClient, queryPersister } from '../data/query-client';
import { SchemeProvider } from '../theme/scheme';
import { Gate } from './Gate';
import type { Doors } from './Gate';

/** Raised when the shape of what is read changes, so that an older device copy is dropped. */
const CACHE_SHAPE = '3';

/** Everything above the screens: fonts, theme, reading cache, sign-in. */
export const Root = ({ SignIn }: { SignIn: ComponentType<Doors> }) => {
  const [client] = useState(makeQueryClient);
  const [persister] = useState(queryPersister);
  // Text is shown in the system face until its own has arrived, and with it if it never does.
  useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_700Bold,
    BarlowSemiCondensed_500Medium,
    BarlowSemiCondensed_600SemiBold,
  });
  return (
    <PersistQueryClientProvider
      client={client}
      persistOptions={{
        persister,
        maxAge: KEEP_MS,
        buster: CACHE_SHAPE,
        dehydrateOptions: { shouldDehydrateQuery: isKeptOnDevice },
      }}
    >
      <SchemeProvider>
        <Gate SignIn={SignIn} />
      </SchemeProvider>
    </PersistQueryClientProvider>
  );
};
