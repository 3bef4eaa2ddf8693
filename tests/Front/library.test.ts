import { expect, test } from 'vitest';
import type { Schemas } from '../../resources/js/lib/api';
import { matching } from '../../resources/js/lib/library.svelte';

const recipe = (name: string, tags: string[], words: string[]) =>
    ({ name, tags, words, textureLabel: 'broad folds', material: 'cloth' }) as Schemas['SharedRecipe'];
const all = [
    recipe('Oilskin', ['yellow', 'wet'], ['Basecoat, Ochre Ground']),
    recipe('Driftwood', ['wood'], ['Wash, Umber Wash']),
];
const names = (words: string) => matching(all, words).map((one) => one.name);

test('a recipe is found by name, tag, paint and texture, whatever the case', () => {
    expect(names('OIL')).toEqual(['Oilskin']);
    expect(names('wood')).toEqual(['Driftwood']);
    expect(names('umber')).toEqual(['Driftwood']);
    expect(names('broad')).toEqual(['Oilskin', 'Driftwood']);
});

test('every word must be found, and no word finds all', () => {
    expect(names('wet ochre')).toEqual(['Oilskin']);
    expect(names('wet umber')).toEqual([]);
    expect(names('  ')).toEqual(['Oilskin', 'Driftwood']);
});
