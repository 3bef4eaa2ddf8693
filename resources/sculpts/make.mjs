/**
 * Makes the demo's sculpts and the handbook's practice piece: node resources/sculpts/make.mjs [NAME …]
 * Each part is meshed from its form, thinned, and united with the others, so that seams between areas are sharp. What comes out is one GLB a figure and
 * beside it the area of every triangle.
 */
import Module from 'manifold-3d';
import { writeFileSync } from 'node:fs';
import { basename } from 'node:path';
import { gzipSync } from 'node:zlib';
import { glb } from '../js/lib/figure/glb.js';
import { capstan } from './capstan.mjs';
import { heron } from './heron.mjs';
import { practice } from './practice.mjs';
import { warden } from './warden.mjs';

const figures = {
    'demo/figures/ferry-warden': warden,
    'demo/figures/heron-provost': heron,
    'demo/figures/bound-capstan': capstan,
    'handbook/practice': practice,
};
const FOLDER = new URL('../', import.meta.url);

const wasm = await Module();
wasm.setup();
const { Manifold } = wasm;
const wanted = process.argv.slice(2);
for (const [file, make] of Object.entries(figures)) {
    if (wanted.length > 0 && !wanted.includes(basename(file))) continue;
    const { parts, thinnedMm } = make();
    const areas = new Map();
    const solids = parts.map(({ area, form, from, to, edge }) => {
        const solid = Manifold.levelSet((p) => -form(p), { min: from, max: to }, edge).simplify(thinnedMm).asOriginal();
        areas.set(solid.originalID(), area);
        return solid;
    });
    // It stands flat.
    const mesh = Manifold.union(solids).trimByPlane([0, 1, 0], 0.05).getMesh();
    const names = parts.map((part) => part.area);
    const labels = new Uint8Array(mesh.numTri);
    // What was cut flat to stand on belongs to what it was cut from: to the base, where there is one.
    const stands = Math.max(0, names.indexOf('Jetty base'));
    mesh.runOriginalID.forEach((id, run) => labels.fill(areas.has(id) ? names.indexOf(areas.get(id)) : stands, mesh.runIndex[run] / 3, mesh.runIndex[run + 1] / 3));
    const bytes = glb(mesh.vertProperties, mesh.triVerts);
    writeFileSync(new URL(`${file}.glb`, FOLDER), bytes);
    writeFileSync(new URL(`${file}.areas.json`, FOLDER), JSON.stringify({ areas: names, triangles: gzipSync(labels, { level: 9 }).toString('base64') }) + '\n');
    console.log(`${file}: ${mesh.numVert} vertices, ${mesh.numTri} triangles, ${Math.round(bytes.length / 1024)} kB`);
}
