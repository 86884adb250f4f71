import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Screens import the shared rooms, never each other; the shared rooms import no screen. */
const screens = [
  'bench',
  'card',
  'choosing',
  'doubt',
  'drawer',
  'job',
  'judgement',
  'measure',
  'pairing',
  'reader',
  'ready',
  'series',
  'setting',
  'settings',
  'technique',
];
const shared = ['api', 'ui', 'drawings', 'keys'];
const roomsApart = [
  ...screens.map((screen) => ({
    files: [`src/${screen}/**`],
    forbidden: screens.filter((other) => other !== screen),
  })),
  ...shared.map((room) => ({ files: [`src/${room}/**`], forbidden: screens })),
].map(({ files, forbidden }) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: forbidden.map((room) => ({ group: [`**/${room}/**`, `../${room}/*`] })) },
    ],
  },
}));

export default tseslint.config(
  { ignores: ['dist', 'target', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  ...roomsApart,
  {
    languageOptions: { globals: { ...globals.browser } },
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  prettier,
);
