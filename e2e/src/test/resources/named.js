/* How what has the focus is called, and the choices that its arrow keys go through. */
() => {
  const e = document.activeElement;
  const words = (one) => (one?.textContent ?? '').replace(/\s+/g, ' ').trim();
  const nameOf = (one) =>
    one.getAttribute('aria-label') ??
    (words(document.getElementById(one.getAttribute('aria-labelledby'))) ||
      words(one.labels?.[0]) ||
      words(one));
  if (!e || e === document.body) return { name: '', choices: [] };
  const group = e.type === 'radio' ? [...document.getElementsByName(e.name)] : [];
  return { name: nameOf(e), choices: group.map(nameOf) };
};
