import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

/**
 * The reset names every element's ::before and ::after, and so has the browser work out three styles where there is one. What has
 * such a part here says its own box-sizing.
 */
const onlyElements = {
  postcssPlugin: 'only-elements',
  Rule(rule) {
    if (rule.selectors.includes('*::before')) rule.selectors = rule.selectors.filter((one) => !/^\*::(before|after)$/.test(one));
  },
};

export default defineConfig({
  plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: false })],
  build: { assetsInlineLimit: 0 },
  css: {
    postcss: { plugins: [onlyElements] },
    preprocessorOptions: {
      scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
    },
  },
});
