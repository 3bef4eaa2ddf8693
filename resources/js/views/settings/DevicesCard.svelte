<script lang="ts">
    import type { Schemas } from '../../lib/api';
    import { settings } from '../../lib/settings.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Card from './Card.svelte';

    /** Stand-ins for devices one may have: none of them is there unless it is switched on. */
    const SPELLS = [
        { value: 'usual', label: 'as usual for the season' },
        { value: 'mild', label: 'mild and dry' },
        { value: 'damp', label: 'damp' },
        { value: 'frost', label: 'frost' },
        { value: 'heat', label: 'heat' },
    ];
    const turn = (devices: Schemas['SettingsInput']['devices']): void => void settings.keep('devices', devices);
</script>

<Card
    title="Simulated devices"
    words="They stand in for devices that are not there: what they say is made up, and is marked so wherever they speak."
>
    <Tick
        label="Weather station outside the door"
        checked={settings.devices.station}
        change={(station) => turn({ station })}
    />
    {#if settings.devices.station}
        <div class="weather">
            <Choose
                label="Its weather"
                value={settings.devices.spell}
                choices={SPELLS}
                change={(spell) => turn({ spell: spell as Schemas['Spell'] })}
            />
        </div>
    {/if}
    <Tick label="Swatch reader" checked={settings.devices.reader} change={(reader) => turn({ reader })} />
    <Tick label="Barcode scanner" checked={settings.devices.scanner} change={(scanner) => turn({ scanner })} />
</Card>

<style>
    .weather {
        max-width: 260px;
    }
</style>
