/** Prints plain text by itself, without the app around it. */
export const printText = (title: string, text: string): void => {
  const frame = document.createElement('iframe');
  frame.setAttribute('aria-hidden', 'true');
  frame.style.position = 'fixed';
  frame.style.width = '0';
  frame.style.height = '0';
  frame.style.border = '0';
  document.body.append(frame);
  const page = frame.contentDocument;
  if (!page) return;
  page.title = title;
  const body = page.createElement('pre');
  body.textContent = text;
  body.style.whiteSpace = 'pre-wrap';
  body.style.font = '12pt/1.5 sans-serif';
  page.body.append(body);
  frame.contentWindow?.addEventListener('afterprint', () => frame.remove());
  frame.contentWindow?.print();
};
