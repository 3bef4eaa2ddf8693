<script lang="ts">
    import { got, type Schemas, server } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import Choose from '../../parts/Choose.svelte';

    /** An area to be like, of this plan or of another. */
    let {
        desk,
        besides,
        chosen,
        fault,
        pick,
    }: {
        desk: PlanDesk;
        besides: string;
        chosen: { plan: string; area: string } | null;
        fault: string;
        pick: (one: { plan: string; area: string; hex: string } | null) => void;
    } = $props();

    type Shown = { id: string; name: string; hex: string };
    let others = $state.raw<Schemas['PlanBrief'][]>([]);
    const value = (plan: string, area: string) => `${plan}/${area}`;
    const here = $derived(
        (desk.document?.areas ?? [])
            .filter((one) => one.id !== besides && one.steps.length > 0)
            .map((one) => ({
                id: one.id,
                name: one.name,
                hex: desk.plan?.looks.areas[one.id]?.strip.final.zones[2]?.hex ?? '',
            })),
    );
    const plans = $derived<{ id: string; name: string; areas: Shown[] }[]>([
        { id: desk.id, name: 'This plan', areas: here },
        ...others.map((plan) => ({
            id: plan.id,
            name: plan.name,
            areas: plan.areas.map((one) => ({ id: one.id, name: one.name, hex: one.look.zones[2]?.hex ?? '' })),
        })),
    ]);

    $effect(() => {
        void got(server.GET('/plans', { params: { query: { page: 1 } } }))
            .then((page) => (others = page.plans.filter((plan) => plan.id !== desk.id)))
            .catch(() => undefined);
    });

    function take(wanted: string): void {
        for (const plan of plans)
            for (const one of plan.areas)
                if (value(plan.id, one.id) === wanted) return pick({ plan: plan.id, area: one.id, hex: one.hex });
        pick(null);
    }
</script>

<Choose
    label="or like an area"
    value={chosen === null ? '' : value(chosen.plan, chosen.area)}
    choices={[
        { value: '', label: 'any' },
        ...plans.flatMap((plan) => plan.areas.map((one) => ({ value: value(plan.id, one.id), label: one.name }))),
    ]}
    groups={[
        { label: '—', values: [''] },
        ...plans
            .filter((plan) => plan.areas.length > 0)
            .map((plan) => ({ label: plan.name, values: plan.areas.map((one) => value(plan.id, one.id)) })),
    ]}
    {fault}
    change={take}
/>
