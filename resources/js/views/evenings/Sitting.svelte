<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import type { Problem } from '../../lib/api';
    import Count from '../../parts/Count.svelte';

    /** The hours of one sitting, to be said or crossed out; `at` is where the answer names its faults. */
    let {
        from = $bindable(),
        minutes = $bindable(),
        at,
        problem,
        drop,
    }: { from: string; minutes: number; at: string; problem: Problem | null; drop: () => void } = $props();
</script>

<TextInput
    size="sm"
    labelText="From"
    bind:value={from}
    invalid={(problem?.at(`${at}.from`) ?? '') !== ''}
    invalidText={problem?.at(`${at}.from`) ?? ''}
/>
<Count
    label="Minutes"
    value={minutes}
    least={5}
    most={1440}
    fault={problem?.at(`${at}.minutes`)}
    change={(value) => (minutes = value)}
/>
<Button size="small" kind="tertiary" on:click={drop}>Not then</Button>
