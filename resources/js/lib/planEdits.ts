import type { PlanDocument } from './api';
import type { PlanEdit, Refusal, Was } from './outboxStore';
import { moved } from './reorder';

/** A place in a plan: names of fields, and in lists the ids of what stands there: ['areas', 'coat', 'steps', 'wash']. */
export type Place = string[];
export type Fields = { [field: string]: unknown };
type SetFields = Extract<PlanEdit, { do: 'set' }>;

/** Fields whose name is no word a painter would use. */
const CALLED: Record<string, string> = {
    mix: 'paint',
    dilution: 'thinning',
    place: 'where',
    waitMinutes: 'wait',
    perModel: 'model by model',
    second: 'second colour',
    within: 'on which mark',
    heads: 'places',
    texture: 'surface',
    material: 'made of',
    size: 'share',
    touches: 'neighbours',
    liesUnder: 'what lies on it',
    behind: 'what is behind it',
    aim: 'colour wanted',
    ground: 'the base it stands on',
    fragile: 'thin or weak',
    open: 'not decided yet',
    byTurns: 'by turns',
    heightMm: 'height',
    bodyType: 'body',
    finishLevel: 'finish',
    way: 'way of painting',
};

/** What is done, said behind what it is done to. */
const DONE: Record<Exclude<PlanEdit['do'], 'set'>, string> = {
    'add-area': 'added',
    'add-step': 'a step more',
    'add-whole-step': 'a step more',
    'paint-step': 'paint',
    'swap-technique': 'technique',
    'remove-step': 'taken out',
    'duplicate-step': 'doubled',
    'move-step': 'moved',
    'remove-area': 'taken out',
    'repaint-area': 'another recipe',
    'duplicate-area': 'doubled',
    'put-steps': 'steps put in',
    'take-recipe': 'a shared recipe',
    'cut-loose': 'goes its own way',
    'add-variant': 'another way put aside',
    'promote-variant': 'painted another way',
    'add-way': 'another way put aside',
    'ground-way': 'another undercoat',
    'promote-way': 'painted another way',
    'remove-variant': 'a way taken out',
    'measure-areas': 'what was measured',
    'move-area': 'moved',
    'add-part': 'added',
    'remove-part': 'a loose part taken out',
    'add-role': 'added',
    'remove-role': 'a role taken out',
    'run-step': 'its place in the running order',
    'lock-step': 'held in its place',
    'free-order': 'the running order worked out anew',
    'set-stop': 'a stop',
    mend: 'mended',
    silence: 'not to be told again',
    unsilence: 'told again',
};

export function isSet(edit: PlanEdit): edit is SetFields {
    return edit.do === 'set';
}

/** What stands at a place; null when nothing does. */
export function at(document: PlanDocument, place: Place): Fields | null {
    let here: unknown = document;
    for (const name of place) {
        here = Array.isArray(here)
            ? here.find((one: unknown) => (one as { id?: unknown } | null)?.id === name)
            : (here as Fields | null)?.[name];
        if (typeof here !== 'object' || here === null) return null;
    }
    return here as Fields;
}

/** Where a step stands. */
export function placeOf(document: PlanDocument, step: string): Place | null {
    if (document.wholeModel?.some((one) => one.id === step)) return ['wholeModel', step];
    const area = document.areas.find((one) => one.steps.some((other) => other.id === step));
    return area === undefined ? null : ['areas', area.id, 'steps', step];
}

/** The plan as it will most likely be after an edit, so that the next can be made on top of it at once. What the craft decides is not guessed. */
export function laidOn(document: PlanDocument, edit: PlanEdit): void {
    switch (edit.do) {
        case 'set': {
            const here = at(document, edit.at);
            if (here !== null) Object.assign(here, edit.fields);
            break;
        }
        case 'paint-step': {
            const place = placeOf(document, edit.step);
            const here = place === null ? null : at(document, place);
            if (here !== null) here.mix = edit.mix;
            break;
        }
        case 'remove-area':
            document.areas = document.areas.filter((one) => one.id !== edit.area);
            break;
        case 'remove-step':
            for (const area of document.areas) area.steps = area.steps.filter((one) => one.id !== edit.step);
            document.wholeModel = (document.wholeModel ?? []).filter((one) => one.id !== edit.step);
            break;
        case 'move-area':
            document.areas = beside(document.areas, edit.area, edit.before, true);
            break;
        case 'move-step':
            for (const area of document.areas) area.steps = beside(area.steps, edit.step, edit.other, edit.before);
    }
}

function beside<T extends { id: string }>(list: T[], id: string, other: string | null, before: boolean): T[] {
    const from = list.findIndex((one) => one.id === id);
    const beside = other === null ? list.length : list.findIndex((one) => one.id === other);
    if (from < 0 || beside < 0 || id === other) return list;
    const to = before ? beside : beside + 1;
    return moved(list, from, from < to ? to - 1 : to);
}

/** What an edit takes the place of, as it is: when somebody else has changed it meanwhile, both are to be seen. */
export function touched(document: PlanDocument, edit: PlanEdit): Was[] {
    const whole = (place: Place | null, ...only: string[]): Was[] => {
        const here = place === null ? null : at(document, place);
        if (place === null || here === null) return [];
        const fields = Object.entries(here).filter(
            ([name]) => name !== 'id' && (only.length === 0 || only.includes(name)),
        );
        return [{ at: place, fields: Object.fromEntries(fields) }];
    };
    switch (edit.do) {
        case 'set': {
            const here = at(document, edit.at);
            const names = Object.keys(edit.fields);
            return [{ at: edit.at, fields: Object.fromEntries(names.map((name) => [name, here?.[name] ?? null])) }];
        }
        case 'paint-step':
        case 'swap-technique':
        case 'remove-step':
            return whole(placeOf(document, edit.step));
        case 'repaint-area':
        case 'take-recipe':
        case 'promote-variant':
        case 'remove-area':
            return whole(['areas', edit.area], 'steps');
        case 'promote-way':
            return document.areas
                .filter((area) => area.variants?.some((one) => one.name === edit.name))
                .flatMap((area) => whole(['areas', area.id], 'steps'));
        case 'ground-way':
            return document.areas
                .filter((area) => area.variants?.some((one) => one.name === edit.name))
                .flatMap((area) => whole(['areas', area.id], 'variants'));
        case 'remove-variant':
            return whole(['areas', edit.area, 'variants', edit.variant], 'steps');
        case 'measure-areas':
            return edit.areas.flatMap((one) =>
                whole(['areas', one.area], 'size', 'texture', 'touches', 'cm2', 'height', 'facing'),
            );
        default:
            return [];
    }
}

/** What an edit is about, for people: "Breeches, step 2: coats". */
export function words(document: PlanDocument, edit: PlanEdit): string {
    const named = (place: Place | null): string => {
        if (place === null) return '';
        const [list, id, , inner] = place;
        if (list === 'wholeModel') return `whole model, step ${1 + index(document.wholeModel, id)}`;
        if (list !== 'areas') return String(at(document, place)?.['name'] ?? '');
        const area = document.areas.find((one) => one.id === id);
        const step = inner === undefined ? -1 : index(area?.steps, inner);
        const variant = area?.variants?.find((one) => one.id === inner);
        return [area?.name, step >= 0 ? `step ${step + 1}` : variant && `“${variant.name}”`].filter(Boolean).join(', ');
    };
    if (isSet(edit)) {
        const fields = Object.keys(edit.fields).map((name) => CALLED[name] ?? name);
        return `${named(edit.at) || document.name}: ${fields.join(', ')}`;
    }
    const about =
        'step' in edit && edit.step !== null
            ? named(placeOf(document, edit.step))
            : 'area' in edit && edit.area !== null
              ? named(['areas', edit.area])
              : 'name' in edit
                ? edit.name
                : document.name;
    return `${about || document.name}: ${DONE[edit.do]}`;
}

function index(list: { id: string }[] | undefined, id: string | undefined): number {
    return (list ?? []).findIndex((one) => one.id === id);
}

/** Of what was changed both here and elsewhere: ": there 4, here 3." */
export function difference({
    does,
    refusal,
}: {
    does: { do: string; edit?: PlanEdit };
    refusal: Refusal | null;
}): string {
    const theirs = refusal?.now[0]?.fields;
    if (theirs === null) return ' is gone there.';
    if (theirs === undefined || does.edit === undefined || !isSet(does.edit)) return '.';
    const said = Object.entries(does.edit.fields).flatMap(([name, mine]) =>
        [mine, theirs[name]].every((one) => one === null || typeof one !== 'object')
            ? [`there ${told(theirs[name])}, here ${told(mine)}`]
            : [],
    );
    return said.length === 0 ? '.' : `: ${said.join('; ')}.`;
}

function told(value: unknown): string {
    return value === null || value === undefined || value === '' ? 'nothing' : String(value);
}
