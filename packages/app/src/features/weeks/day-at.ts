/** What marks a place that a day can be dropped on. Web target only, like dragging. */
export const dropOn = (day: number): object => ({ dataSet: { day: String(day) } });

/** The day of the calendar under a point of the window; null: none. */
export const dayAt = (x: number, y: number): number | null => {
  if (x < 0) return null;
  const found = document.elementsFromPoint(x, y).flatMap((element) => {
    const marked = element.closest('[data-day]');
    return marked instanceof HTMLElement ? [Number(marked.dataset['day'])] : [];
  });
  return found[0] ?? null;
};
