/* What is wrong with the page as it stands, in words; by touch, targets are measured too. */
(by) => {
  const LEAST_TARGET = 44;
  const LEAST_TEXT = 12;
  const ROUNDED = 0.5;
  const faults = new Set();
  const seen = (e) =>
    e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
    !e.closest('[aria-hidden="true"]') &&
    e.getBoundingClientRect().width > 1;
  const named = (e) =>
    `${e.tagName.toLowerCase()} "${(e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 40)}"`;

  // Not innerWidth: a phone zooms out until what is too wide fits.
  const wide = document.documentElement.clientWidth;
  if (document.documentElement.scrollWidth > wide) {
    for (const e of document.querySelectorAll('body *')) {
      if (seen(e) && e.getBoundingClientRect().right > wide + ROUNDED) {
        if ([...e.children].some((one) => one.getBoundingClientRect().right > wide + ROUNDED)) continue;
        faults.add(`wider than the page: ${named(e)} in ${named(e.parentElement)}`);
        break;
      }
    }
    faults.add(`page scrolls sideways by ${document.documentElement.scrollWidth - wide} px`);
  }

  const scaleOf = (e) =>
    e.ownerSVGElement ? Math.abs(e.getScreenCTM()?.d ?? 1) : 1;
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  while (texts.nextNode()) {
    const e = texts.currentNode.parentElement;
    if (!texts.currentNode.data.trim() || !seen(e)) continue;
    const size = parseFloat(getComputedStyle(e).fontSize) * scaleOf(e);
    if (size < LEAST_TEXT - 0.05) faults.add(`text of ${size.toFixed(1)} px: ${named(e)}`);
  }

  if (by === 'touch') {
    const pressed = 'button, [role="button"], [role="tab"], summary, select, input, a[href]';
    for (const e of document.querySelectorAll(pressed)) {
      if (e.type === 'hidden' || e.type === 'file') continue;
      const whole = e.closest('label') ?? e.closest('.MuiInputBase-root') ?? e;
      if (!seen(whole) || e.disabled) continue;
      const style = getComputedStyle(whole);
      if (e.tagName === 'A' && style.display.startsWith('inline') && style.display === 'inline') continue;
      const { height, width } = whole.getBoundingClientRect();
      if (height < LEAST_TARGET - ROUNDED || width < LEAST_TARGET - ROUNDED) {
        faults.add(`target of ${width.toFixed(0)} × ${height.toFixed(0)} px: ${named(whole)}`);
      }
    }
  }

  const headings = document.querySelectorAll('h1');
  if (headings.length !== 1) faults.add(`${headings.length} headings`);
  const title = `${headings[0]?.textContent} · Urn Stew`;
  if (document.title !== title) faults.add(`title "${document.title}"`);
  return [...faults];
};
