/* Bytes of script as they came: what every page begins with, and what this one fetched of its own. */
async () => {
  const html = await (await fetch(location.pathname)).text();
  const sum = (all) => all.reduce((bytes, one) => bytes + one.encodedBodySize, 0);
  const scripts = performance.getEntriesByType('resource').filter((r) => r.name.endsWith('.js'));
  const isFirst = (script) => html.includes(new URL(script.name).pathname);
  return [sum(scripts.filter(isFirst)), sum(scripts.filter((s) => !isFirst(s)))];
};
