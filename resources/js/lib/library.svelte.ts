import { got, type Schemas, server } from './api';
import { Latest } from './latest.svelte';

/** Recipes that areas share, as the library has them now. */
export const library = new Latest<Schemas['SharedRecipe'][]>();

export function loadLibrary(): Promise<void> {
    return library.ask(() => got(server.GET('/shared-recipes')));
}

/** Those that every word is found in: in the name, a tag, the texture, the material, a step. */
export function matching(recipes: Schemas['SharedRecipe'][], words: string): Schemas['SharedRecipe'][] {
    const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
    return recipes.filter((one) => {
        const told = [one.name, ...one.tags, one.textureLabel, one.material, ...one.words].join(' ').toLowerCase();
        return wanted.every((word) => told.includes(word));
    });
}

/** Tags as one types them, between commas. */
export function tagsIn(text: string): string[] {
    return text
        .split(/[,;]/)
        .map((tag) => tag.trim())
        .filter((tag) => tag !== '');
}
