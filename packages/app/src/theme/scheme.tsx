import { createContext, useContext, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { useColorScheme, View } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { readSetting, writeSetting } from '../data/settings';
import { chalkTheme, nightTheme } from './paper';

/** `system` follows the device. */
export type Scheme = 'system' | 'chalk' | 'night';
const SCHEMES: readonly Scheme[] = ['system', 'chalk', 'night'];

const SchemeContext = createContext<{ scheme: Scheme; setScheme(scheme: Scheme): void }>({
  scheme: 'system',
  setScheme: () => undefined,
});

export const useScheme = () => useContext(SchemeContext);

const initial = (): Scheme => SCHEMES.find((scheme) => scheme === readSetting('scheme')) ?? 'system';

/** Light or dark for everything below, remembered on this device. */
export const SchemeProvider = ({ children }: { children: ReactNode }) => {
  const system = useColorScheme();
  const [scheme, choose] = useState<Scheme>(initial);
  const value = useMemo(
    () => ({
      scheme,
      setScheme: (next: Scheme) => {
        writeSetting('scheme', next);
        choose(next);
      },
    }),
    [scheme],
  );
  const isNight = scheme === 'night' || (scheme === 'system' && system === 'dark');
  return (
    <SchemeContext.Provider value={value}>
      <Themed isNight={isNight}>{children}</Themed>
    </SchemeContext.Provider>
  );
};

/** The night floor, whatever the rest shows: for coaching live, unless the trainer chose chalk. */
export const NightFloor = ({ children }: { children: ReactNode }) => {
  const { scheme } = useScheme();
  return <Themed isNight={scheme !== 'chalk'}>{children}</Themed>;
};

/** A theme, and the mark that gives its focus rings their colour (in index.html). */
const Themed = ({ isNight, children }: { isNight: boolean; children: ReactNode }) => (
  <View style={{ flex: 1 }} {...({ dataSet: { theme: isNight ? 'night' : 'chalk' } } as object)}>
    <PaperProvider theme={isNight ? nightTheme : chalkTheme}>{children}</PaperProvider>
  </View>
);
