<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { onMount } from 'svelte';
    import { asProblem, got, server, type Paint, type Problem, type Schemas } from '../lib/api';
    import { toFirstFault } from '../lib/faults';
    import { craft } from '../lib/craft.svelte';
    import BusyButton from './BusyButton.svelte';
    import Choose from './Choose.svelte';
    import ColourField from './ColourField.svelte';

    /** A paint added where it is needed: name and colour are enough, the rest can be filled in any day. */
    let {
        name,
        kind,
        added,
        leave,
    }: { name: string; kind: Schemas['Kind']; added: (paint: Paint) => void; leave: () => void } = $props();

    // svelte-ignore state_referenced_locally
    let form = $state<{ name: string; kind: string; swatch: string }>({ name, kind, swatch: '#808080' });
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    let box: HTMLElement;
    const isClear = $derived(craft()?.kinds.find((one) => one.value === form.kind)?.isClear ?? false);
    const isTransparent = $derived(craft()?.kinds.find((one) => one.value === form.kind)?.isTransparent ?? false);

    onMount(async () => {
        try {
            const guess = await got(server.GET('/paint-guess', { params: { query: { name, kind } } }));
            form.kind = guess.kind;
            form.swatch = guess.swatch ?? form.swatch;
            // A colour that the name tells needs a glance only; another has to be given.
            box.querySelector<HTMLElement>(guess.knowsColour ? '.bx--btn--primary' : '.colour input')?.focus();
        } catch {
            box.querySelector<HTMLElement>('.colour input')?.focus();
        }
    });

    async function add(): Promise<void> {
        if (busy) return;
        busy = true;
        problem = null;
        try {
            added(
                await got(
                    server.POST('/paints', {
                        body: { name: form.name, kind: form.kind, swatch: isClear ? null : form.swatch.trim() },
                    }),
                ),
            );
        } catch (error) {
            problem = asProblem(error);
            void toFirstFault(box);
        }
        busy = false;
    }

    function key(event: KeyboardEvent): void {
        const target = event.target as HTMLElement;
        if (event.key === 'Escape') leave();
        else if (event.key === 'Enter' && target.matches('input')) void add();
        else return;
        event.preventDefault();
        event.stopPropagation();
    }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="here" bind:this={box} onkeydown={key}>
    <p class="quiet">New on your shelf: one pot. Maker, code and price can wait.</p>
    <TextInput
        size="sm"
        labelText="Name"
        bind:value={form.name}
        dir="auto"
        invalid={!!problem?.at('name')}
        invalidText={problem?.at('name') ?? ''}
    />
    <Choose label="Kind" value={form.kind} choices={craft()?.kinds ?? []} change={(value) => (form.kind = value)} />
    {#if !isClear}
        <div class="colour">
            <ColourField
                label={isTransparent ? 'Its colour over white' : 'Its colour, dry'}
                value={form.swatch}
                fault={problem?.at('swatch') ?? ''}
                live
                change={(swatch) => (form.swatch = swatch)}
            />
        </div>
    {/if}
    {#if problem && problem.faults.every((fault) => !['name', 'swatch'].includes(fault.field))}
        <p role="alert"><b>{problem.faults[0]?.message ?? problem.message}</b></p>
    {/if}
    <div class="acts">
        <BusyButton {busy} press={add}>Add it</BusyButton>
        <Button size="small" kind="ghost" on:click={leave}>Leave it</Button>
    </div>
</div>

<style>
    .here {
        display: grid;
        gap: 8px;
        margin-top: 6px;
        padding: 10px 12px 12px;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        background: var(--panel);
    }
</style>
