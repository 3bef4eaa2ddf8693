<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, server } from '../../../lib/api';
    import { warn } from '../../../lib/notices.svelte';
    import Words from '../../../parts/Words.svelte';

    /** One half of the card: its colour is entered, read with the reader, or taken from a photo. */
    let {
        half,
        hex,
        value,
        fault,
        change,
    }: {
        half: 'black' | 'white';
        hex: string | null;
        value: string;
        fault: string;
        change: (lab: string, by: 'reader' | 'typed') => void;
    } = $props();

    let input: HTMLInputElement;

    async function read(): Promise<void> {
        try {
            const answer = await got(server.POST('/devices/reader/readings', { body: { earlier: [] } }));
            change(answer.measured.lab, 'reader');
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<div class="card {half}">
    <span style:background={hex ?? (value.startsWith('#') ? value : undefined)}></span>
</div>
<Words
    label="Its colour, as it was read"
    {value}
    placeholder={half === 'black' ? '38, 4, 12' : '62, 6, 18'}
    {fault}
    change={(text) => change(text.trim(), 'typed')}
/>
<div class="acts">
    <Button size="small" kind="tertiary" on:click={read}>Read it</Button>
    <Button size="small" kind="tertiary" on:click={() => input.click()}>Pick it</Button>
    <input
        bind:this={input}
        class="sr"
        type="color"
        tabindex="-1"
        aria-label="Colour over {half}"
        onchange={(event) => change(event.currentTarget.value, 'typed')}
    />
</div>
<p class="quiet">
    “Read it” takes what lies under the <a href="#/shelf/measure/reader">swatch reader</a>. Or mark both halves in a
    <a href="#/shelf/measure">photo</a>: it brings you back here with them.
</p>

<style>
    .card {
        padding: 14px;
        border-radius: 4px;
    }

    .black {
        background: #141414;
    }

    .white {
        background: #f4f4f4;
        box-shadow: inset 0 0 0 1px var(--line);
    }

    .card span {
        display: block;
        height: 44px;
        border: 1px dashed #8a8a8a;
        border-radius: 3px;
    }

    a {
        color: var(--ink);
    }
</style>
