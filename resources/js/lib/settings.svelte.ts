import { home } from './home.svelte';
import { asProblem, got, type Problem, type Schemas, server } from './api';
import { tell } from './notices.svelte';

const LETTER_KEYS = 'kalokroma.letterKeys';

function read(): string | null {
    try {
        return localStorage.getItem(LETTER_KEYS);
    } catch {
        return null;
    }
}

/** What the painter has set for the whole application. Keys are a matter of this desk, money of the shelf. */
class Settings {
    currency = $state('EUR');
    /** Single letters and signs work as keys. */
    letterKeys = $state(read() !== 'off');

    room = $state({ celsius: 20, humidity: 50 });
    measures = $state({ dropMl: 0.045, palettePart: 0.3 });
    tools = $state({ airbrush: false });
    pace = $state({ setUpMinutes: 3 });
    weather = $state<Schemas['Settings']['weather']>(null);
    devices = $state<Schemas['Settings']['devices']>({ station: false, scanner: false, reader: false, spell: 'usual' });
    zone = $state<string | null>(null);
    /** This desk is the demo's; and the other one is there to come back to. */
    isDemo = $state(false);
    isOtherDeskBegun = $state(false);
    private asked: Promise<void> | null = null;

    /** Asked for once, however many want to know; again only when there was no answer. */
    load(): Promise<void> {
        this.asked ??= got(server.GET('/settings')).then(
            (answer) => this.take(answer),
            (error: unknown) => {
                this.asked = null;
                throw error;
            },
        );
        return this.asked;
    }

    /** The first desk that looks at a clock says where it stands. */
    async placeClock(): Promise<void> {
        if (this.zone !== null) return;
        await this.load();
        const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
        if (this.zone === null && here !== '') await this.set({ zone: here });
    }

    /** What is wrong with it, field by field; nothing when it was taken. */
    async set(wish: Schemas['SettingsInput']): Promise<Problem | null> {
        try {
            this.take(await got(server.PUT('/settings', { body: wish })));
            return null;
        } catch (error) {
            return asProblem(error);
        }
    }

    private take(answer: Schemas['Settings']): void {
        home.known(answer.desk);
        this.isDemo = answer.isDemo;
        this.isOtherDeskBegun = answer.isOtherDeskBegun;
        this.currency = answer.currency;
        this.zone = answer.zone;
        this.room = answer.room;
        this.measures = answer.measures;
        this.tools = answer.tools;
        this.pace = answer.pace;
        this.weather = answer.weather;
        this.devices = answer.devices;
    }

    /**
     * One of them, with a way back.
     *
     * @returns what is wrong with it; empty when it was taken
     */
    async keep<Name extends keyof Schemas['SettingsInput']>(
        name: Name,
        value: Schemas['SettingsInput'][Name],
        field: string = name,
    ): Promise<string> {
        const before = $state.snapshot(this[name]) as Schemas['SettingsInput'][Name];
        const problem = await this.set({ [name]: value });
        if (problem !== null) return problem.at(field) || problem.message;
        tell('Kept. It holds from now on.', { label: 'Undo', run: () => void this.set({ [name]: before }) });
        return '';
    }

    setLetterKeys(on: boolean): void {
        this.letterKeys = on;
        try {
            localStorage.setItem(LETTER_KEYS, on ? 'on' : 'off');
        } catch {
            // It holds until the page is left.
        }
    }
}

export const settings = new Settings();
