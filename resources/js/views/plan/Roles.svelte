<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import Add from 'carbon-icons-svelte/lib/Add.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** Who there may be in a squad: areas, steps and variants can be there for some of them only. */
    let { desk }: { desk: PlanDesk } = $props();

    const roles = $derived(desk.document?.roles ?? []);
    let name = $state('');

    function add(): void {
        if (name.trim() === '') return;
        void desk.addRole(name.trim());
        name = '';
    }
</script>

<div class="roles">
    <span class="quiet">Roles in a squad</span>
    {#each roles as role (role.id)}
        <span class="role">
            <bdi>{role.name}</bdi>
            <Button size="small" kind="ghost" on:click={() => void desk.removeRole(role.id)}
                >Take out<span class="sr"> {role.name}</span></Button
            ></span
        >
    {:else}
        <span class="quiet">none: all models are alike</span>
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
            labelText="Name of a role"
            placeholder="Leader, rank, trial piece …"
            dir="auto"
            bind:value={name}
        />
        <Button
            size="small"
            kind="tertiary"
            type="submit"
            icon={Add}
            iconDescription="Add the role"
            tooltipPosition="left"
        />
    </form>
</div>

<style>
    .roles,
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
    }

    .role {
        display: flex;
        gap: 0 4px;
        align-items: center;
        padding-left: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }

    form {
        flex-wrap: nowrap;
        gap: 4px;
    }
</style>
