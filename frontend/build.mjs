// Copies what the pages need and writes the style sheet: node build.mjs OUT
import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const out = process.argv[2];
const modules = 'node_modules';

function copy(from, to) {
  mkdirSync(join(out, to, '..'), { recursive: true });
  copyFileSync(from, join(out, to));
}

copy(`${modules}/htmx.org/dist/htmx.min.js`, 'lib/htmx.js');
copy(`${modules}/@alpinejs/csp/dist/cdn.min.js`, 'lib/alpine.js');
copy(`${modules}/idiomorph/dist/idiomorph.min.js`, 'lib/idiomorph.js');
for (const part of ['module', 'core']) copy(`${modules}/three/build/three.${part}.min.js`, `lib/three.${part}.min.js`);
for (const name of readdirSync('scripts')) copy(`scripts/${name}`, name);
for (const name of readdirSync('static')) copy(`static/${name}`, name);

const fonts = [
  ['@fontsource-variable/alegreya/files/alegreya-latin-wght-normal.woff2', 'alegreya.woff2'],
  ['@fontsource/alegreya-sans/files/alegreya-sans-latin-400-normal.woff2', 'alegreya-sans-400.woff2'],
  ['@fontsource/alegreya-sans/files/alegreya-sans-latin-700-normal.woff2', 'alegreya-sans-700.woff2'],
];
for (const [from, to] of fonts) copy(join(modules, from), `fonts/${to}`);

// The licences of what is shipped, in one text.
const shipped = ['htmx.org', '@alpinejs/csp', 'idiomorph', 'three', '@fontsource-variable/alegreya', '@fontsource/alegreya-sans', 'tailwindcss'];
const printed = ['fonts-dejavu-core', 'fonts-freefont-ttf', 'fonts-nanum', 'fonts-droid-fallback'];
const folders = [['Dapt', '..'], ...shipped.map((name) => [name, join(modules, name)]),
  ...printed.map((name) => [name, join('/usr/share/doc', name)])];
writeFileSync(join(out, 'licences.txt'), folders.map(([name, folder]) => {
  const file = ['LICENSE', 'LICENSE.md', 'LICENSE.txt', 'copyright'].map((each) => join(folder, each)).find(existsSync);
  return `${name}\n${'='.repeat(name.length)}\n\n${file ? readFileSync(file, 'utf8') : JSON.parse(readFileSync(join(folder, 'package.json'))).license}\n`;
}).join('\n\n'));

const css = join(out, 'dapt.css');
execFileSync(process.execPath, [join(modules, '@tailwindcss/cli/dist/index.mjs'),
  '-i', 'styles/dapt.css', '-o', css, '--minify'], { stdio: ['ignore', 'ignore', 'inherit'] });
