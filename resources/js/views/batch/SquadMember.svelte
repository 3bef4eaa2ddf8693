<script lang="ts">
    import { onMount } from 'svelte';
    import { Button, TextInput } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import type { Member, Squad } from '../../lib/squad.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import Choose from '../../parts/Choose.svelte';

    /** Who a model is: its name, and the role that says what it has. */
    let { squad, person, roles, close }: { squad: Squad; person: Member; roles: Schemas['Role'][]; close: () => void } =
        $props();

    // svelte-ignore state_referenced_locally
    let name = $state(person.name);
    // svelte-ignore state_referenced_locally
    let role = $state(person.role ?? '');

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const words =
            name.trim() === '' ? `Model ${person.number} is told.` : `Model ${person.number} is ${name.trim()}.`;
        if (await squad.change([person.number], () => ({ name: name.trim(), role: role === '' ? null : role }), words))
            close();
    }

    let panel: HTMLElement;
    // On a narrow screen it stands below the squad: whoever has pressed there sees it.
    onMount(() => panel.scrollIntoView({ block: 'nearest' }));
</script>

<form class="panel" bind:this={panel} onsubmit={keep} aria-label="Model {person.number}" use:takesCursor>
    <div class="head">
        <h3>Model {person.number}</h3>
        <Button size="small" kind="ghost" on:click={close}>Close</Button>
    </div>
    <TextInput labelText="Name" size="sm" maxlength={60} placeholder="as it is called at the desk" bind:value={name} />
    {#if roles.length > 0}
        <Choose
            label="Role"
            value={role}
            choices={[{ value: '', label: 'none' }, ...roles.map((one) => ({ value: one.id, label: one.name }))]}
            change={(value) => (role = value)}
        />
    {:else}
        <p class="quiet">
            The plan has no roles yet. With roles, such as a leader, areas and steps can be there for some models only:
            the plan's areas say whose they are.
        </p>
    {/if}
    <Button size="small" type="submit" disabled={squad.isBusy}>Keep</Button>
</form>

<style>
    form {
        display: grid;
        gap: 12px;
        justify-items: start;
        padding: 10px 12px 12px;
    }

    .head {
        display: flex;
        align-items: center;
        justify-content: space-between;
        width: 100%;
    }
</style>
