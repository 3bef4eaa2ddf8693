<script lang="ts">
    import { router } from 'svelte-spa-router';
    import Tabs from '../parts/Tabs.svelte';
    import BuyRoom from './shelf/BuyRoom.svelte';
    import FilesRoom from './shelf/FilesRoom.svelte';
    import ListRoom from './shelf/ListRoom.svelte';
    import MapRoom from './shelf/MapRoom.svelte';
    import MeasureRoom from './shelf/MeasureRoom.svelte';

    /** What is owned: as a map, as a list, what to buy, how colours get in, and files in and out. */
    const tabs = [
        { href: '/shelf', name: 'Map' },
        { href: '/shelf/list', name: 'List' },
        { href: '/shelf/buy', name: 'Buy' },
        { href: '/shelf/measure', name: 'Measure' },
        { href: '/shelf/files', name: 'Files' },
    ];
    const room = $derived(router.location.split('/')[2] ?? '');
</script>

<svelte:head
    ><title>{tabs.find((tab) => tab.href.split('/')[2] === room)?.name ?? 'Map'} · Shelf · Kalokroma</title
    ></svelte:head
>
<header class="screen-only">
    <h1>Shelf</h1>
    <Tabs label="Shelf" {tabs} />
</header>
{#if room === 'list'}
    <ListRoom />
{:else if room === 'buy'}
    <BuyRoom />
{:else if room === 'measure'}
    <MeasureRoom />
{:else if room === 'files'}
    <FilesRoom />
{:else}
    <MapRoom />
{/if}

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 20px;
        align-items: center;
        justify-content: space-between;
        margin-bottom: 10px;
    }
</style>
