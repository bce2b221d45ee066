const browser = Object.fromEntries(
  [
    'document',
    'window',
    'localStorage',
    'location',
    'HTMLElement',
    'Intl',
    'setInterval',
    'Date',
    'Event',
    'Option',
    'fetch',
    'crypto',
    'FormData',
    'CustomEvent',
    'navigator',
    'performance',
    'AudioContext',
    'URL',
    'URLSearchParams',
    'DOMParser',
  ].map((name) => [name, 'readonly']),
);
const node = Object.fromEntries(
  [
    'process',
    'Buffer',
    'URLSearchParams',
    'setTimeout',
    'fetch',
    'document',
    'Date',
    'performance',
    'Event',
    'console',
    'localStorage',
    'URL',
    'window',
    'requestAnimationFrame',
  ].map((name) => [name, 'readonly']),
);
const rules = {
  'no-undef': 'error',
  'no-unused-vars': 'error',
  'prefer-const': 'error',
  'no-var': 'error',
  eqeqeq: 'error',
  'no-eval': 'error',
  'no-implied-eval': 'error',
};

export default [
  { files: ['resources/js/**/*.js'], languageOptions: { globals: browser }, rules },
  { files: ['tests/{Browser,Serving,Load}/**/*.{js,mjs}'], languageOptions: { globals: node }, rules },
];
