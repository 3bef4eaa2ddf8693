<script lang="ts">
    import { Button, NumberInput } from 'carbon-components-svelte';
    import { AS_FILED, type Placement } from '../../lib/figure/placement';

    /** Several files are the parts of one model: each is moved and turned until it sits where it is glued. */
    let {
        parts,
        open,
        choose,
        place,
    }: {
        parts: readonly { name: string; at: Placement }[];
        open: number | null;
        choose: (part: number | null) => void;
        place: (part: number, at: Placement) => void;
    } = $props();

    const WAYS: { field: keyof Placement; label: string; step: number }[] = [
        { field: 'right', label: 'To the right, mm', step: 0.5 },
        { field: 'turn', label: 'Turned, °', step: 5 },
        { field: 'up', label: 'Up, mm', step: 0.5 },
        { field: 'tip', label: 'Tipped forward, °', step: 5 },
        { field: 'near', label: 'Nearer, mm', step: 0.5 },
        { field: 'lean', label: 'Leant left, °', step: 5 },
    ];
    const at = $derived(open === null ? null : (parts[open]?.at ?? null));
    const isMoved = $derived(at !== null && WAYS.some(({ field }) => at[field] !== 0));

    function set(field: keyof Placement, value: number | null): void {
        if (open !== null && at !== null && value !== null && Number.isFinite(value)) {
            place(open, { ...at, [field]: value });
        }
    }
</script>

<div class="parts stack">
    <h3>Does each part sit right?</h3>
    <ul>
        {#each parts as part, number (number)}
            <li>
                <button
                    type="button"
                    class="link"
                    aria-pressed={open === number}
                    onclick={() => choose(open === number ? null : number)}><bdi>{part.name}</bdi></button
                >
            </li>
        {/each}
    </ul>
    {#if open !== null && at !== null}
        <div class="ways">
            {#each WAYS as { field, label, step } (field)}
                <NumberInput
                    size="sm"
                    labelText={label}
                    {step}
                    min={-500}
                    max={500}
                    value={at[field]}
                    on:input={(event) => set(field, event.detail)}
                />
            {/each}
        </div>
        <Button size="small" kind="tertiary" disabled={!isMoved} on:click={() => open !== null && place(open, AS_FILED)}
            >Where its file has it</Button
        >
    {:else}
        <p class="quiet">Press one to move it.</p>
    {/if}
</div>

<style>
    h3 {
        font-size: 0.875rem;
        font-weight: 700;
    }

    .ways {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 8px 12px;
    }

    .link[aria-pressed='true'] {
        font-weight: 700;
    }
</style>
