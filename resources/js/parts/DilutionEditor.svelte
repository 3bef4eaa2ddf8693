<script lang="ts">
    import type { Craft, Schemas } from '../lib/api';
    import Choose from './Choose.svelte';
    import Count from './Count.svelte';

    /** Parts of the mix to parts of what it is thinned with. */
    let {
        craft,
        dilution,
        faultAt = () => '',
        change,
    }: {
        craft: Craft;
        dilution: Schemas['Dilution'];
        faultAt?: (field: string) => string;
        change: (dilution: Schemas['Dilution']) => void;
    } = $props();

    const most = $derived(craft.limits.dilutionParts);
</script>

<Count
    label="Parts of mix"
    value={dilution.paint}
    least={1}
    {most}
    fault={faultAt('paint')}
    change={(paint) => change({ ...dilution, paint })}
/>
<Count
    label="to parts of"
    value={dilution.thinner}
    {most}
    fault={faultAt('thinner')}
    change={(thinner) => change({ ...dilution, thinner })}
/>
<Choose
    label="Thinned with"
    value={dilution.with}
    choices={craft.thinners}
    fault={faultAt('with')}
    change={(value) => change({ ...dilution, with: value as Schemas['Dilution']['with'] })}
/>
