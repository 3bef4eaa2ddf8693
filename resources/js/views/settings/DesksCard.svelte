<script lang="ts">
    import { desks } from '../../lib/desks.svelte';
    import { settings } from '../../lib/settings.svelte';
    import Card from './Card.svelte';
    import BusyButton from '../../parts/BusyButton.svelte';

    /** The demo and the painter's own desk, one press from each other. */
    const otherName = $derived(settings.isDemo ? 'my own desk' : 'the demo');
</script>

<Card
    title="Two desks"
    words={settings.isDemo
        ? 'This is the demo, the Saltfen Ferry Watch. Your own desk has a shelf, plans and a logbook of its own; nothing of the one is in the other.'
        : 'This is your own desk. The demo, the Saltfen Ferry Watch, has a shelf, plans and a logbook of its own; nothing of the one is in the other.'}
>
    <div class="acts">
        <BusyButton busy={desks.opening} press={() => desks.open(!settings.isDemo)}
            >{desks.opening
                ? `Opening ${otherName}…`
                : settings.isOtherDeskBegun
                  ? `Back to ${otherName}`
                  : settings.isDemo
                    ? 'Begin my own desk'
                    : 'Look at the demo'}</BusyButton
        >
    </div>
    <p class="quiet">The one you leave stays as it is, to come back to here.</p>
</Card>
