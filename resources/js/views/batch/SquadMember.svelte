<script lang="ts">
    import { onMount } from 'svelte';
    import { Button, TextInput } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import type { Member, Squad } from '../../lib/squad.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import { whileShown } from '../../lib/whileShown';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';

    /** Who a model is: its name, and the role that says what it has. */
    let {
        squad,
        person,
        others,
        roles,
        close,
    }: {
        squad: Squad;
        person: Member;
        /** Numbers of all the others. */
        others: number[];
        roles: Schemas['Role'][];
        close: () => void;
    } = $props();

    const leave = whileShown(() => close());
    let alike = $state<number[]>([]);

    async function copy(): Promise<void> {
        if (await squad.copy(person.number, alike)) alike = [];
    }

    // svelte-ignore state_referenced_locally
    let name = $state(person.name);
    // svelte-ignore state_referenced_locally
    let role = $state(person.role ?? '');

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const words =
            name.trim() === '' ? `Model ${person.number} is told.` : `Model ${person.number} is ${name.trim()}.`;
        if (await squad.change([person.number], () => ({ name: name.trim(), role: role === '' ? null : role }), words))
            leave();
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
    <BusyButton type="submit" busy={squad.isBusy}>Keep</BusyButton>
    {#if others.length > 0}
        <fieldset>
            <legend>Paint as this one</legend>
            <div class="pills">
                {#each others as number (number)}
                    <button
                        type="button"
                        class="pill"
                        aria-pressed={alike.includes(number)}
                        aria-label="model {number}"
                        onclick={() =>
                            (alike = alike.includes(number)
                                ? alike.filter((one) => one !== number)
                                : [...alike, number])}>{number}</button
                    >
                {/each}
            </div>
            <BusyButton kind="tertiary" busy={squad.isBusy} disabled={alike.length === 0} press={() => void copy()}
                >As model {person.number}</BusyButton
            >
        </fieldset>
    {/if}
</form>

<style>
    form {
        display: grid;
        gap: 12px;
        justify-items: start;
        padding: 10px 12px 12px;
    }

    fieldset {
        display: grid;
        gap: 8px;
        justify-items: start;
        padding: 10px 0 0;
        border: 0;
        border-top: 1px solid var(--line);
    }

    legend {
        float: left;
        font-size: 0.875rem;
    }

    .head {
        display: flex;
        align-items: center;
        justify-content: space-between;
        width: 100%;
    }
</style>
