/* What axe finds wrong within a part of the page, in words; by some rules alone where any are named. */
async ([within, rules]) => {
  const only = rules.length > 0 ? { runOnly: { type: 'rule', values: rules } } : {};
  const { violations } = await axe.run(within, { resultTypes: ['violations'], ...only });
  return violations.map((rule) => `${rule.id}: ${rule.nodes.map((node) => node.html).join(', ')}`);
};
