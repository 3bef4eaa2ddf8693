<script lang="ts">
    import { got, of, type Plan, server } from '../lib/api';
    import type { PlanEdit } from '../lib/outboxStore';

    /** A plan's own figure as it would be painted after an edit that is not made. Nothing where it cannot be drawn. */
    let {
        plan,
        edit,
        area = null,
        name,
    }: {
        plan: Pick<Plan, 'version' | 'figure' | 'document'>;
        /** Null: as it is planned. */
        edit: PlanEdit | null;
        /** It is turned to where this area is seen. */
        area?: string | null;
        name: string;
    } = $props();

    const WIDTH = 220;
    const HEIGHT = 270;
    let picture = $state<string | null>(null);
    let isDrawn = $state(true);

    $effect(() => {
        const { figure, version } = plan;
        if (figure === null) return;
        let left = false;
        let url: string | null = null;
        const nothing: PlanEdit = { do: 'set', at: [], fields: { name: plan.document.name } };
        const body = {
            version,
            edit: ($state.snapshot(edit) as PlanEdit | null) ?? nothing,
            width: WIDTH,
            height: HEIGHT,
            area,
        };
        got(server.POST('/figures/{id}/still', { ...of(figure.id), body, parseAs: 'blob' })).then(
            (blob) => {
                if (left) return;
                picture = url = URL.createObjectURL(blob as unknown as Blob);
            },
            () => (isDrawn = false),
        );
        return () => {
            left = true;
            if (url !== null) URL.revokeObjectURL(url);
        };
    });
</script>

{#if plan.figure !== null && isDrawn}
    <div class="well" aria-busy={picture === null}>
        {#if picture !== null}<img src={picture} width={WIDTH} height={HEIGHT} alt={name} />{/if}
    </div>
{/if}

<style>
    div {
        width: 100%;
        height: 270px;
        padding: 6px;
        border-radius: 4px;
    }

    img {
        display: block;
        width: 100%;
        height: 100%;
        object-fit: contain;
    }
</style>
