<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import AddByName from '../../parts/AddByName.svelte';

    /** Who there may be in a squad: areas, steps and variants can be there for some of them only. */
    let { desk }: { desk: PlanDesk } = $props();

    const roles = $derived(desk.document?.roles ?? []);
</script>

<div class="side-by-side">
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
    <AddByName
        label="Name of a role"
        placeholder="Leader, rank, trial piece …"
        addLabel="Add the role"
        add={(name) => void desk.addRole(name)}
    />
</div>

<style>
    .role {
        display: flex;
        gap: 0 4px;
        align-items: center;
        padding-left: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }
</style>
