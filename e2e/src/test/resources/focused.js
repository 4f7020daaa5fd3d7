/* What has the focus and does not show it, or null. */
() => {
  const e = document.activeElement;
  if (!e || e === document.body || e.tagName === 'H1') return null;
  const drawn = (one) => {
    const style = getComputedStyle(one);
    // The frame of a field is a border that grows.
    if (one.tagName === 'FIELDSET') return parseFloat(style.borderTopWidth) >= 2;
    return (
      (style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2) ||
      style.boxShadow !== 'none'
    );
  };
  const field = e.closest('.MuiInputBase-root');
  const around = [
    e,
    e.nextElementSibling,
    e.parentElement,
    e.closest('label'),
    field,
    field?.parentElement,
    field?.querySelector('fieldset'),
  ];
  if (around.some((one) => one && drawn(one))) return null;
  return `${e.tagName.toLowerCase()} "${(e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 40)}"`;
};
