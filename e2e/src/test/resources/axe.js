/* What axe finds wrong within a part of the page, in words; by some rules alone where any are named.
 * Judged is a page that stands still: fonts are there, nothing moves, no sheet that is gone still
 * hides the page. A sheet that goes while axe reads would be a fault of neither: it reads again. */
async ([within, rules]) => {
  const sheets = () =>
    [...document.querySelectorAll('.MuiModal-root .MuiPaper-root')].filter((sheet) =>
      sheet.checkVisibility({ opacityProperty: true }),
    );
  const still = () =>
    document.fonts.status === 'loaded' &&
    document.getAnimations().every((animation) => animation.playState !== 'running') &&
    (!document.querySelector('#root[aria-hidden=true]') || sheets().length > 0);
  const frame = () => new Promise((done) => requestAnimationFrame(done));
  const end = performance.now() + 20_000;
  const standsStill = async () => {
    for (let frames = 0; frames < 5; frames = still() ? frames + 1 : 0) {
      if (performance.now() > end) throw new Error('The page never stood still.');
      await frame();
    }
  };
  const same = (some, others) =>
    some.length === others.length && some.every((sheet, at) => sheet === others[at]);
  const only = rules.length > 0 ? { runOnly: { type: 'rule', values: rules } } : {};
  for (;;) {
    await standsStill();
    const before = sheets();
    const { violations } = await axe.run(within, { resultTypes: ['violations'], ...only });
    if (still() && same(before, sheets()))
      return violations.map((rule) => `${rule.id}: ${rule.nodes.map((n) => n.html).join(', ')}`);
  }
};
