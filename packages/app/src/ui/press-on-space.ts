/**
 * Props that make Space choose a radio, as keyboards expect; the web target's press handling knows Space for buttons only.
 * React Native's types lack `onKeyDown`; the web target passes it on.
 */
export const pressOnSpace = (onPress: () => void): object => ({
  onKeyDown: (event: { key: string; preventDefault(): void }) => {
    if (event.key !== ' ') return;
    event.preventDefault();
    onPress();
  },
});
