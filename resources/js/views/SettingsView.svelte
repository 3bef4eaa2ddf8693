<script lang="ts">
    import AirCard from './settings/AirCard.svelte';
    import BrushesCard from './settings/BrushesCard.svelte';
    import BottlesCard from './settings/BottlesCard.svelte';
    import DesksCard from './settings/DesksCard.svelte';
    import DevicesCard from './settings/DevicesCard.svelte';
    import HandCard from './settings/HandCard.svelte';
    import { settings } from '../lib/settings.svelte';

    /** What holds for the whole application: how one paints, the air it dries in, what bottles drip, and which stand-ins are switched on. */
    void settings.placeClock().catch(() => undefined);
    const cards = [HandCard, BrushesCard, AirCard, BottlesCard, DevicesCard, DesksCard];
</script>

<svelte:head><title>Settings · Kalokroma</title></svelte:head>
<header>
    <h1>Settings</h1>
    <p class="quiet">They hold from the next answer on. What is recorded stays as it was recorded.</p>
</header>
<div class="cards">
    {#each cards as Card (Card)}<Card />{/each}
</div>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 30px;
        align-items: baseline;
        margin-bottom: 12px;
    }

    .cards {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 12px;
        align-items: start;
    }

    @media (max-width: 900px) {
        .cards {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
