<script lang="ts">
    import { Button, NumberInput, TextInput } from 'carbon-components-svelte';
    import type { Problem } from '../../lib/api';
    import { tell } from '../../lib/notices.svelte';
    import { settings } from '../../lib/settings.svelte';

    /** The air of the room, which paint dries in, and what one's bottles drip: all dates, clocks and amounts are reckoned with it. */
    let { changed }: { changed: () => unknown } = $props();

    let { celsius, humidity } = $state<{ celsius: number | null; humidity: number | null }>({ ...settings.room });
    let dropMl = $state<number | null>(settings.measures.dropMl);
    let loss = $state<number | null>(Math.round(100 * settings.measures.palettePart));
    let zone = $state(settings.zone ?? '');
    let problem = $state<Problem | null>(null);
    const ZONES = Intl.supportedValuesOf('timeZone');

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const before = {
            room: $state.snapshot(settings.room),
            measures: $state.snapshot(settings.measures),
            zone: settings.zone ?? 'UTC',
        };
        const put = (wish: typeof before): Promise<Problem | null> => settings.set(wish);
        problem = await put({
            room: { celsius: celsius ?? NaN, humidity: humidity ?? NaN },
            measures: { dropMl: dropMl ?? NaN, palettePart: (loss ?? NaN) / 100 },
            zone: zone.trim(),
        });
        if (problem !== null) return;
        changed();
        tell('Clocks, dates and amounts go by it from now on.', {
            label: 'Undo',
            run: async () => {
                await put(before);
                ({ celsius, humidity } = settings.room);
                dropMl = settings.measures.dropMl;
                loss = Math.round(100 * settings.measures.palettePart);
                zone = settings.zone ?? '';
                changed();
            },
        });
    }

    const fault = (field: string): { invalid: boolean; invalidText: string } => ({
        invalid: (problem?.at(field) ?? '') !== '',
        invalidText: problem?.at(field) ?? '',
    });
</script>

<form class="panel" onsubmit={save} aria-label="The room" novalidate>
    <div>
        <h2>The room</h2>
        <p class="quiet">Cold and damp air lengthens every drying; 20 °C and 50 % are what the handbook speaks of.</p>
    </div>
    <div class="fields">
        <NumberInput size="sm" labelText="Temperature, °C" allowEmpty bind:value={celsius} {...fault('room.celsius')} />
        <NumberInput size="sm" labelText="Humidity, %" allowEmpty bind:value={humidity} {...fault('room.humidity')} />
        <NumberInput
            size="sm"
            labelText="One drop, ml"
            step={0.005}
            allowEmpty
            bind:value={dropMl}
            {...fault('measures.dropMl')}
        />
        <NumberInput
            size="sm"
            labelText="Left on the palette, %"
            allowEmpty
            bind:value={loss}
            {...fault('measures.palettePart')}
        />
        <TextInput
            size="sm"
            labelText="Clock of"
            placeholder="Europe/Lisbon"
            list="zones"
            autocomplete="off"
            bind:value={zone}
            {...fault('zone')}
        />
        <datalist id="zones">
            {#each ZONES as name (name)}<option value={name}></option>{/each}
        </datalist>
        <Button size="small" kind="tertiary" type="submit">Keep it</Button>
    </div>
</form>

<style>
    form {
        display: grid;
        gap: 10px;
        padding: 14px 18px;
    }

    .fields {
        display: flex;
        flex-wrap: wrap;
        gap: 12px;
        align-items: end;
    }

    .fields > :global(.bx--form-item) {
        flex: 0 1 160px;
    }
</style>
