import type {} from '@mui/material/themeCssVarsAugmentation';
import { createTheme, type ColorSystemOptions } from '@mui/material/styles';
import { COARSE, TARGET } from './pointer';
import { dark, faces, light, sizes } from './tokens';

interface Kitchen {
  well: string;
  ink2: string;
  tomato: string;
  tomatoSoft: string;
  basil: string;
  basilSoft: string;
  brass: string;
  brassSoft: string;
  slate: string;
  slateSoft: string;
  sauce1: string;
  sauce2: string;
  steel: string;
}
declare module '@mui/material/styles' {
  interface Palette {
    kitchen: Kitchen;
  }
  interface PaletteOptions {
    kitchen?: Kitchen;
  }
}

function scheme(t: typeof light): ColorSystemOptions {
  const { paper, sheet, ink, rule, ...kitchen } = t;
  return {
    palette: {
      primary: { main: ink, contrastText: sheet },
      error: { main: t.tomato },
      success: { main: t.basil },
      warning: { main: t.brass },
      info: { main: t.slate },
      background: { default: paper, paper: sheet },
      text: { primary: ink, secondary: t.ink2 },
      divider: rule,
      kitchen,
    },
  };
}

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: scheme(light), dark: scheme(dark) },
  shape: { borderRadius: 9 },
  typography: {
    fontFamily: faces.text,
    body1: { fontSize: '0.95rem', lineHeight: 1.4 },
    h1: {
      fontFamily: faces.figures,
      fontWeight: 700,
      fontSize: '1.9rem',
      letterSpacing: '-0.02em',
      lineHeight: 1.1,
    },
    h2: {
      fontFamily: faces.figures,
      fontWeight: 700,
      fontSize: '1.2rem',
      letterSpacing: '-0.01em',
    },
    button: { textTransform: 'none', fontWeight: 650, fontSize: '0.95rem' },
    caption: { fontSize: sizes.label, fontWeight: 600 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        html: { scrollPaddingBottom: sizes.bar },
        a: { color: 'inherit' },
        body: { fontVariantNumeric: 'tabular-nums', overflowWrap: 'break-word' },
        // Whoever works by keys always sees where they are.
        ':focus-visible': { outline: '3px solid var(--mui-palette-error-main)', outlineOffset: 2 },
        '@media (prefers-reduced-motion: reduce)': {
          '*': { transition: 'none !important', animation: 'none !important' },
        },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: {
        root: { padding: '8px 16px', minHeight: 42, [COARSE]: { minHeight: sizes.press } },
        sizeSmall: {
          padding: '2px 10px',
          minHeight: 30,
          [COARSE]: { minHeight: sizes.press },
        },
        sizeLarge: { minHeight: 48, [COARSE]: { minHeight: sizes.target } },
      },
    },
    MuiDialogTitle: {
      styleOverrides: {
        root: { fontFamily: faces.figures, fontWeight: 700, fontSize: sizes.figure },
      },
    },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          fontFamily: 'inherit',
          ...TARGET,
          '&.Mui-focusVisible': {
            outline: '3px solid var(--mui-palette-error-main)',
            outlineOffset: 2,
          },
        },
      },
    },
    MuiInputBase: { styleOverrides: { root: { [COARSE]: { minHeight: sizes.press } } } },
    MuiFormControlLabel: { styleOverrides: { root: TARGET } },
    MuiCheckbox: { styleOverrides: { root: { [COARSE]: { padding: 10 } } } },
  },
});
