<script lang="ts">
    import { settings } from '../../lib/settings.svelte';
    import Words from '../../parts/Words.svelte';
    import Card from './Card.svelte';
    import NumberSetting from './NumberSetting.svelte';

    /** The air of the room, which paint dries in, and the clock on its wall. */
    let fault = $state('');
    const ZONES = Intl.supportedValuesOf('timeZone');
</script>

<Card
    title="The room"
    words="Cold and damp air lengthens every drying; 20 °C and 50 % are what the handbook speaks of."
>
    <div class="fields">
        <NumberSetting
            label="Temperature, °C"
            value={settings.room.celsius}
            keep={(celsius) => settings.keep('room', { ...settings.room, celsius }, 'room.celsius')}
        />
        <NumberSetting
            label="Humidity, %"
            value={settings.room.humidity}
            keep={(humidity) => settings.keep('room', { ...settings.room, humidity }, 'room.humidity')}
        />
        <Words
            label="Clock of"
            placeholder="Europe/Lisbon"
            list="zones"
            value={settings.zone ?? ''}
            {fault}
            change={async (zone) => (fault = await settings.keep('zone', zone.trim(), 'zone'))}
        />
        <datalist id="zones">
            {#each ZONES as name (name)}<option value={name}></option>{/each}
        </datalist>
    </div>
</Card>
