/** The one place for colours, faces and sizes. Each working colour has one meaning. */
export const light = {
  paper: '#F5EFE3', sheet: '#FFFCF5', well: '#EDE4D3', ink: '#2B211A', ink2: '#655648', rule: '#DCCFB9',
  tomato: '#B5341F', tomatoSoft: '#F3D9CC', basil: '#2C6A49', basilSoft: '#D9E8DB', brass: '#805608', brassSoft: '#F2E3BF',
  slate: '#365F80', slateSoft: '#D7E3EC', sauce1: '#D9644A', sauce2: '#A92E1B', steel: '#8A8378',
};
export const dark: typeof light = {
  paper: '#15110E', sheet: '#1F1915', well: '#2A221C', ink: '#F4EADD', ink2: '#BBAB99', rule: '#3B3028',
  tomato: '#F27D5F', tomatoSoft: '#43221A', basil: '#78C496', basilSoft: '#1E3528', brass: '#E5B857', brassSoft: '#3C2F14',
  slate: '#8FBADB', slateSoft: '#1E2E3A', sauce1: '#C65439', sauce2: '#7F2114', steel: '#9A9184',
};
export const faces = {
  text: '"Hanken Grotesk Variable", sans-serif',
  figures: '"Bricolage Grotesque Variable", sans-serif',
};
/** The last column of a line in the editor: when it goes in, whose way it is, and the way out. */
export const lastOfLine = (ways: boolean): number => (ways ? 206 : 112);
export const sizes = { act: 40, picture: 780, compared: 560, bar: '5.5rem', cupField: 150, phone: 520, taste: 84, thumb: 88, photo: 220, timeBar: 12, rail: 132, target: 56, drawer: 420, pot: 61, kitchenPot: 190, figureHuge: 'clamp(4.5rem, 8.4vw, 8rem)', figureLarge: '2.75rem', figure: '1.4rem', railFigure: '1.5rem', small: '0.8rem', label: '0.8rem', note: '0.87rem', lead: '1.1rem', step: '1.3rem' };
/** Where the parts of a screen stand. */
export const areas = {
  plan: { xs: '"hours" "need" "picture" "amounts"', md: '"need hours" "need picture" "amounts amounts"', lg: '"need hours amounts" "need picture amounts"' },
  balance: { xs: '"beads" "helps" "rest"', lg: '"beads helps" "rest helps"' },
};
/** Column widths of the desk and the stove. */
export const columns = {
  plan: { xs: '1fr', md: 'minmax(220px, 250px) 1fr', lg: '250px minmax(0, 1fr) minmax(250px, 290px)' },
  stove: { xs: '1fr', sm: 'minmax(270px, 41%) 1fr' },
  step: { xs: '64px 1fr', sm: '76px 1fr auto' },
  log: { xs: '1fr 1fr', md: 'minmax(160px, 1.4fr) repeat(3, minmax(120px, 1fr)) 2fr' },
  formula: { xs: '1fr', lg: 'minmax(0, 1fr) 286px' },
  ribbon: { xs: '52px 64px 1fr', md: '92px 124px minmax(0, 1fr) minmax(120px, 150px)' },
  card: '34px 1fr',
  shelf: 'repeat(auto-fill, minmax(255px, 1fr))',
  counted: '1fr 84px auto',
  stocked: 'minmax(0, 1fr) 72px 28px',
  meal: { xs: '1fr', lg: 'minmax(0, 1.25fr) minmax(0, 1fr)' },
  editor: { xs: '1fr', lg: 'minmax(0, 1fr) 300px' },
  editLine: { xs: '1fr 1fr', md: 'minmax(130px, 0.7fr) minmax(150px, 1.2fr) minmax(140px, 1.4fr) 84px auto' },
  goods: { xs: '1fr auto', md: 'minmax(150px, 1.3fr) minmax(90px, 0.6fr) minmax(170px, 1.6fr) minmax(110px, 0.8fr) auto' },
  ways: 'repeat(auto-fit, minmax(118px, 1fr))',
  burner: { xs: '1fr auto auto', sm: 'minmax(110px, 1fr) auto auto auto' },
  kitchen: { xs: '1fr', md: '1fr minmax(260px, 320px)' },
  balance: { xs: '1fr', lg: 'minmax(0, 1fr) 330px' },
  beads: { xs: '1fr', sm: '138px minmax(0, 1fr)' },
  beadsCompact: '70px minmax(0, 1fr)',
  cups: 'repeat(auto-fill, minmax(168px, 1fr))',
  ledger: 'minmax(0, 1fr) 84px 76px',
  deepens: { xs: 'minmax(0, 1fr) auto', sm: 'minmax(120px, 1.2fr) 1fr 1fr' },
  halves: { xs: '1fr', md: '1fr 1fr' },
  plate: 'minmax(0, 1fr) 92px auto',
  panAndCount: '1fr 92px',
  whatAndMass: { xs: '1fr', sm: '1fr 150px' },
  rail: { xs: '1fr', md: '178px minmax(0, 1fr) 186px' },
  work: '3.4rem minmax(0, 1fr) auto',
  need: { xs: '80px minmax(0, 1fr)', sm: '104px minmax(0, 1fr) auto' },
  rate: { xs: '92px minmax(0, 1fr) auto', sm: '150px minmax(0, 1fr) 96px' },
  source: { xs: '1fr', sm: 'minmax(0, 1fr) minmax(0, 1fr) auto' },
  cool: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
  keep: { xs: '1fr', lg: 'minmax(0, 1fr) 300px' },
  rule: { xs: 'minmax(0, 1fr) auto', md: 'minmax(0, 1.4fr) 96px minmax(0, 1.2fr) auto' },
};
