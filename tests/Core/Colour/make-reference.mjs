// Writes reference.json: Lab and Oklab of colours spread over the screen's cube, by culori (npm install --no-save culori@4).
// Run it from the project's root: node tests/Core/Colour/make-reference.mjs
import { writeFileSync } from 'node:fs';
import { converter, formatHex } from 'culori';

const lab = converter('lab65');
const oklab = converter('oklab');
const colours = [];
for (let r = 0; r < 6; r++)
    for (let g = 0; g < 6; g++)
        for (let b = 0; b < 6; b++) {
            const hex = formatHex({ mode: 'rgb', r: r / 5, g: g / 5, b: b / 5 });
            const one = lab(hex);
            const other = oklab(hex);
            colours.push({ hex, lab: [one.l, one.a, one.b], oklab: [other.l, other.a, other.b] });
        }
writeFileSync(new URL('reference.json', import.meta.url), JSON.stringify(colours) + '\n');
