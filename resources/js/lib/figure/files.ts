import { unzipSync } from 'three/addons/libs/fflate.module.js';
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js';
import { STLLoader } from 'three/addons/loaders/STLLoader.js';
import { Matrix4, Mesh, Vector3, type BufferGeometry, type Object3D } from 'three';
import { readSculpt } from './sculpt';

export const LARGEST_BYTES = 200 * 1024 * 1024;
export const MOST_TRIANGLES = 3_000_000;
export const KINDS = ['stl', 'obj', 'glb', '3mf'] as const;

/** A file that cannot be a sculpt, in words for whoever brought it. */
export class NoSculpt extends Error {}

/** All triangles of a sculpt's file, three places each, in the file's own units. */
export async function read(name: string, bytes: ArrayBuffer): Promise<Float32Array> {
    const kind = KINDS.find((one) => name.toLowerCase().endsWith(`.${one}`));
    if (kind === undefined) throw new NoSculpt(`${name} is none of ${KINDS.join(', ').toUpperCase()}.`);
    if (bytes.byteLength > LARGEST_BYTES) throw new NoSculpt(`${name} is larger than 200 MB. Thin it first.`);
    if (bytes.byteLength === 0) throw new NoSculpt(`${name} is empty.`);
    const positions = await { stl, obj, glb, '3mf': threeMf }[kind](bytes);
    if (positions.length === 0) throw new NoSculpt(`There are no triangles in ${name}.`);
    if (positions.length / 9 > MOST_TRIANGLES)
        throw new NoSculpt(`${name} has more than 3 million triangles. Thin it first.`);
    for (const value of positions) {
        if (!Number.isFinite(value)) throw new NoSculpt(`${name} has places that are no numbers. Save it anew.`);
    }
    return positions;
}

function stl(bytes: ArrayBuffer): Float32Array {
    const told = bytes.byteLength >= 84 ? new DataView(bytes).getUint32(80, true) : 0;
    const isText = new TextDecoder().decode(bytes.slice(0, 512)).trimStart().startsWith('solid');
    if (!isText && 84 + 50 * told > bytes.byteLength) {
        throw new NoSculpt(
            `It says that it has ${told.toLocaleString('en')} triangles and ends before: it is cut short.`,
        );
    }
    return unjoined(new STLLoader().parse(bytes));
}

function obj(bytes: ArrayBuffer): Float32Array {
    const text = new TextDecoder().decode(bytes);
    if (!/^v\s/m.test(text)) throw new NoSculpt('There are no corners in this OBJ file.');
    return ofScene(new OBJLoader().parse(text));
}

async function glb(bytes: ArrayBuffer): Promise<Float32Array> {
    if (new DataView(bytes).getUint32(0, true) !== 0x46546c67)
        throw new NoSculpt('This does not begin like a GLB file.');
    const { positions, triangles } = await readSculpt(bytes);
    const corners = new Float32Array(3 * triangles.length);
    triangles.forEach((vertex, at) => corners.set(positions.subarray(3 * vertex, 3 * vertex + 3), 3 * at));
    return corners;
}

/**
 * A 3MF package is a ZIP with the model as XML. A worker has no reader of XML, and the model is read tag by tag: objects with their meshes or components, and
 * what is built of them.
 */
function threeMf(bytes: ArrayBuffer): Float32Array {
    let unpacked = 0;
    const files = unzipSync(new Uint8Array(bytes), {
        filter: (file) => {
            if (!/^3D\/[^/]*\.model$/i.test(file.name)) return false;
            unpacked += file.originalSize;
            if (unpacked > LARGEST_BYTES) throw new NoSculpt('Unpacked it would be larger than 200 MB. Thin it first.');
            return true;
        },
    });
    const model = Object.values(files)[0];
    if (model === undefined) throw new NoSculpt('There is no model in this 3MF file.');
    const text = new TextDecoder().decode(model);
    const scale = { micron: 0.001, millimeter: 1, centimeter: 10, inch: 25.4, foot: 304.8, meter: 1000 }[
        /unit="(\w+)"/.exec(text)?.[1] ?? 'millimeter'
    ];
    type Thing = { positions: number[]; triangles: number[]; parts: { object: string; at: Matrix4 }[] };
    const objects = new Map<string, Thing>();
    const built: { object: string; at: Matrix4 }[] = [];
    let open: Thing | null = null;
    for (const [, tag, told = ''] of text.matchAll(/<(?:\w+:)?(object|vertex|triangle|component|item)\b([^>]*)>/g)) {
        const field = (name: string) => new RegExp(`\\b${name}="([^"]*)"`).exec(told)?.[1] ?? '';
        if (tag === 'object') objects.set(field('id'), (open = { positions: [], triangles: [], parts: [] }));
        else if (tag === 'vertex') open?.positions.push(Number(field('x')), Number(field('y')), Number(field('z')));
        else if (tag === 'triangle')
            open?.triangles.push(Number(field('v1')), Number(field('v2')), Number(field('v3')));
        else
            (tag === 'item' ? built : open?.parts)?.push({ object: field('objectid'), at: placed(field('transform')) });
    }
    const corners: number[] = [];
    const place = new Vector3();
    const lay = (id: string, at: Matrix4, deep: number): void => {
        const thing = objects.get(id);
        if (thing === undefined || deep > 16) return;
        for (const vertex of thing.triangles) {
            place.fromArray(thing.positions, 3 * vertex).applyMatrix4(at);
            corners.push(place.x, place.y, place.z);
        }
        if (corners.length / 9 > MOST_TRIANGLES)
            throw new NoSculpt('It has more than 3 million triangles. Thin it first.');
        for (const part of thing.parts) lay(part.object, at.clone().multiply(part.at), deep + 1);
    };
    const whole = new Matrix4().makeScale(scale ?? 1, scale ?? 1, scale ?? 1);
    for (const item of built.length > 0
        ? built
        : [...objects.keys()].map((object) => ({ object, at: new Matrix4() }))) {
        lay(item.object, whole.clone().multiply(item.at), 0);
    }
    return new Float32Array(corners);
}

/** Twelve numbers, row by row, as 3MF writes them. */
function placed(told: string): Matrix4 {
    const n = told.trim().split(/\s+/).map(Number);
    if (n.length !== 12 || n.some((one) => !Number.isFinite(one))) return new Matrix4();
    const [a, b, c, d, e, f, g, h, i, x, y, z] = n as [
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
    ];
    return new Matrix4().set(a, d, g, x, b, e, h, y, c, f, i, z, 0, 0, 0, 1);
}

function ofScene(scene: Object3D): Float32Array {
    const parts: Float32Array[] = [];
    scene.updateMatrixWorld(true);
    scene.traverse((one) => {
        if (one instanceof Mesh)
            parts.push(unjoined((one.geometry as BufferGeometry).clone().applyMatrix4(one.matrixWorld)));
    });
    const all = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
    let at = 0;
    for (const part of parts) {
        all.set(part, at);
        at += part.length;
    }
    return all;
}

function unjoined(geometry: BufferGeometry): Float32Array {
    const whole = geometry.getIndex() === null ? geometry : geometry.toNonIndexed();
    const at = whole.getAttribute('position');
    return at === undefined ? new Float32Array() : new Float32Array(at.array);
}
