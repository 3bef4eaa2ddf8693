import { got, type Schemas, server } from './api';

type Handbook = Schemas['Handbook'];

let book = $state.raw<Handbook | null>(null);
let coming: Promise<Handbook> | null = null;

/** What is read about the craft, fetched once when somebody wants to read; asked again only where there was no answer. */
export function loadHandbook(): Promise<Handbook> {
    coming ??= got(server.GET('/handbook'))
        .then((fetched) => (book = fetched))
        .catch((error: unknown) => {
            coming = null;
            throw error;
        });
    return coming;
}

export function handbook(): Handbook | null {
    return book;
}
