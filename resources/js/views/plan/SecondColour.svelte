<script lang="ts">
    import type { Craft, Step } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import MixEditor from './MixEditor.svelte';

    /** The other colour of a wet blend, which lies higher; between the two is one tone. */
    let {
        desk,
        craft,
        step,
        path,
        set,
    }: { desk: PlanDesk; craft: Craft; step: Step; path: string; set: (changes: Partial<Step>) => void } = $props();
</script>

<div>
    <span class="bx--label">The other colour, which lies higher</span>
    <MixEditor
        {craft}
        mix={step.second?.mix ?? []}
        fault={desk.faultAt(`${path}.second.mix`)}
        names={desk.plan?.paints ?? []}
        change={(mix) =>
            set({ second: mix.length === 0 ? null : { dilution: step.second?.dilution ?? step.dilution, mix } })}
    />
</div>

<style>
    .bx--label {
        display: block;
    }
</style>
