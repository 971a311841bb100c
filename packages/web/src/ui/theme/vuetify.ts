import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import 'vuetify/styles';
import { DAY, NIGHT } from './tokens';

const theme = (dark: boolean, c: Record<keyof typeof DAY, string>) => ({
  dark,
  colors: {
    ...c,
    background: c.wall,
    surface: c.panel,
    primary: c.sea,
    secondary: c.slate,
    error: c.rust,
    info: c.slate,
    success: c.sea,
    warning: c.gorse,
    'on-background': c.ink,
    'on-surface': c.ink,
  },
  variables: { 'high-emphasis-opacity': 1, 'medium-emphasis-opacity': 0.86, 'border-opacity': 1 },
});

/** Vuetify in our own clothes: its defaults are overridden here and nowhere else. */
export function makeVuetify(initial: 'day' | 'night') {
  const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
  return createVuetify({
    icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
    theme: {
      defaultTheme: initial,
      themes: { day: theme(false, DAY), night: theme(true, NIGHT) },
      ...(nonce ? { cspNonce: nonce } : {}),
    },
    defaults: {
      global: { ripple: false },
      VBtn: { variant: 'outlined', rounded: 'ui', elevation: 0, height: 44 },
      VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'sea' },
      VAutocomplete: {
        variant: 'outlined',
        density: 'comfortable',
        hideDetails: 'auto',
        color: 'sea',
        autoSelectFirst: true,
      },
      VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'sea' },
      VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'sea' },
      VFileInput: {
        variant: 'outlined',
        density: 'comfortable',
        hideDetails: 'auto',
        color: 'sea',
        prependIcon: '',
        clearable: false,
      },
      VCheckbox: { density: 'comfortable', hideDetails: 'auto', color: 'sea' },
      VCard: { variant: 'flat', rounded: 'ui', elevation: 0 },
      VMenu: { transition: false },
      VDialog: { transition: 'fade-transition' },
      VChip: { variant: 'outlined', rounded: 'ui', size: 'default' },
    },
  });
}
