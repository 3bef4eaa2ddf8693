<script lang="ts">
    import { settings } from '../../lib/settings.svelte';
    import Words from '../../parts/Words.svelte';
    import Card from './Card.svelte';
    import NumberSetting from './NumberSetting.svelte';

    /** What one's bottles drip, what is lost of it, and what they cost. */
    let fault = $state('');
</script>

<Card
    title="Bottles and prices"
    words="Every amount is reckoned from drops: count twenty of yours into a measure once."
>
    <div class="fields">
        <NumberSetting
            label="One drop, ml"
            step={0.005}
            value={settings.measures.dropMl}
            keep={(dropMl) => settings.keep('measures', { ...settings.measures, dropMl }, 'measures.dropMl')}
        />
        <NumberSetting
            label="Left on the palette, %"
            value={Math.round(100 * settings.measures.palettePart)}
            keep={(percent) =>
                settings.keep('measures', { ...settings.measures, palettePart: percent / 100 }, 'measures.palettePart')}
        />
        <Words
            label="Currency of prices"
            placeholder="EUR"
            value={settings.currency}
            {fault}
            change={async (currency) =>
                (fault = await settings.keep('currency', currency.trim().toUpperCase(), 'currency'))}
        />
    </div>
</Card>
