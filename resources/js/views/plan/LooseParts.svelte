<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import Add from 'carbon-icons-svelte/lib/Add.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** Pieces kept loose so that a brush reaches behind them, until a step glues them on. */
    let { desk }: { desk: PlanDesk } = $props();

    const parts = $derived(desk.document?.parts ?? []);
    let name = $state('');

    function add(): void {
        if (name.trim() === '') return;
        void desk.addPart(name.trim());
        name = '';
    }
</script>

<div class="parts">
    <span class="quiet">Loose parts</span>
    {#each parts as part (part.id)}
        <span class="part"
            ><bdi>{part.name}</bdi>
            <Button size="small" kind="ghost" on:click={() => void desk.removePart(part.id)}
                >Take out<span class="sr"> {part.name}</span></Button
            ></span
        >
    {:else}
        <span class="quiet">none</span>
    {/each}
    <form
        onsubmit={(event) => {
            event.preventDefault();
            add();
        }}
    >
        <TextInput
            size="sm"
            hideLabel
            labelText="Name of a loose part"
            placeholder="Shield, backpack …"
            dir="auto"
            bind:value={name}
        />
        <Button
            size="small"
            kind="tertiary"
            type="submit"
            icon={Add}
            iconDescription="Add the part"
            tooltipPosition="left"
        />
    </form>
</div>

<style>
    .parts,
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
    }

    .part {
        padding-left: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }

    form {
        flex-wrap: nowrap;
        gap: 4px;
    }
</style>
