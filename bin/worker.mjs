// Writes into the service worker what it keeps on a tablet: styles, scripts, fonts, icons and the pages for where there is no line.

import { injectManifest } from 'workbox-build';

const { count, size, warnings } = await injectManifest({
  swSrc: 'build/worker/sw.js',
  swDest: 'public/sw.js',
  globDirectory: 'public',
  globPatterns: ['build/assets/*.{js,css,woff2,svg}', 'icon.svg', 'icons/*.png', 'lento.webmanifest', 'offline.{css,js}', '*.html'],
});
for (const warning of warnings) console.error(warning);
console.log(`${count} files, ${Math.round(size / 1024)} kB kept for when the line is gone`);
