import { got, server, type Craft } from './api';

/** The words and tables of the craft, fetched once. */
let table = $state<Craft | null>(null);
let coming: Promise<Craft> | null = null;

export function loadCraft(): Promise<Craft> {
    coming ??= got(server.GET('/craft'))
        .then((fetched) => (table = fetched))
        .catch((error) => {
            coming = null;
            throw error;
        });
    return coming;
}

/** The table as it is after a change of one's own. */
export function takeCraft(changed: Craft): void {
    table = changed;
}

export function craft(): Craft | null {
    return table;
}

type Choice = { value: string; label: string };

export function label(choices: Choice[] | undefined, value: string): string {
    return choices?.find((choice) => choice.value === value)?.label ?? value;
}
