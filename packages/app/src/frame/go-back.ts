import type { useRouter } from 'expo-router';

/**
 * Back to where the trainer came from, or to a place when this screen was opened by itself. The browser's own history
 * knows the page; the router's forgets which person a place showed once another place was opened.
 */
export const goBack = (router: Pick<ReturnType<typeof useRouter>, 'canGoBack' | 'replace'>, otherwise: string): void => {
  if (router.canGoBack()) window.history.back();
  else router.replace(otherwise as '/');
};
