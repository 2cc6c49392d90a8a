/** Puts text where a person can paste it from. Not over plain http on a LAN address, where browsers forbid it. */
export const copyText = async (text: string): Promise<boolean> => {
  if (typeof navigator === 'undefined' || !('clipboard' in navigator)) return false;
  await navigator.clipboard.writeText(text);
  return true;
};
