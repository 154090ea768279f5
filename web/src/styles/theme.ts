import { definePreset } from '@primeuix/themes';
import Aura from '@primeuix/themes/aura';

/** The component library in this product's paper, ink and zest. */
const Paper = definePreset(Aura, {
  semantic: {
    primary: {
      50: '#fdf4ea',
      100: '#fae3c8',
      200: '#f3c792',
      300: '#e9a55b',
      400: '#db8430',
      500: '#b4520a',
      600: '#a04808',
      700: '#853b08',
      800: '#6a300a',
      900: '#57290d',
      950: '#321405',
    },
    focusRing: { width: '3px', style: 'solid', color: 'var(--zest)', offset: '2px' },
    formField: { paddingX: '0.8rem', paddingY: '0.6rem', borderRadius: '10px' },
    colorScheme: {
      light: {
        surface: {
          0: '#fffdf8',
          50: '#faf6ec',
          100: '#f2ecdd',
          200: '#e4dbc6',
          300: '#cfc3a8',
          400: '#a4977c',
          500: '#7a6e57',
          600: '#5f5543',
          700: '#4a4234',
          800: '#352f25',
          900: '#241f18',
          950: '#17130e',
        },
        text: { color: '#241f18', mutedColor: '#5f5543' },
      },
      dark: {
        surface: {
          0: '#f6efe0',
          50: '#ece3d0',
          100: '#ddd2bb',
          200: '#c6b99e',
          300: '#a89a80',
          400: '#8c7f68',
          500: '#6f6453',
          600: '#574e41',
          700: '#453e35',
          800: '#38322b',
          900: '#2e2923',
          950: '#25211c',
        },
        primary: { color: '#f0a55c', contrastColor: '#25211c', hoverColor: '#f5b97c' },
        text: { color: '#f0e8d8', mutedColor: '#c6b99e' },
      },
    },
  },
});

export const theme = {
  preset: Paper,
  options: {
    darkModeSelector: '.evening',
    prefix: 'p',
    cssLayer: { name: 'parts', order: 'parts' },
  },
};
