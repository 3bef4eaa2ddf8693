import type { Craft, Schemas } from './api';

type Wish = Schemas['Wish'];

/** The wishes after one more press: an opposite is taken back first; what cannot grow any more is let go. */
export function wished(all: Craft['wishes'], said: Wish[], pressed: Wish): Wish[] {
    const known = all.find((one) => one.value === pressed);
    const opposite = said.indexOf(known?.opposite as Wish);
    if (opposite >= 0) return said.filter((_, at) => at !== opposite);
    if (said.filter((one) => one === pressed).length >= (known?.most ?? 1))
        return said.filter((one) => one !== pressed);
    return [...said, pressed];
}
