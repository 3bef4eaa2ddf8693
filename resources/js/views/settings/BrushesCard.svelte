<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { asProblem, got, of, type Problem, type Schemas, server } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { tell, warn } from '../../lib/notices.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Card from './Card.svelte';

    /** The brushes on the desk: what each is for, which is kept for metal, which has lost its point. */
    type Brush = Schemas['OwnedBrush'];
    let brushes = $state<Brush[]>([]);
    let problem = $state<Problem | null>(null);
    let name = $state('');
    let kind = $state('medium');
    const kinds = $derived((craft()?.brushes ?? []).filter((one) => !['spray-can', 'airbrush'].includes(one.value)));

    async function load(): Promise<void> {
        brushes = await got(server.GET('/brushes'));
    }
    void load().catch(() => undefined);

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        try {
            await got(server.POST('/brushes', { body: { name: name.trim(), kind } }));
            [name, problem] = ['', null];
            await load();
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function change(brush: Brush, changes: Partial<Brush>): Promise<void> {
        const { id, ...body } = { ...brush, ...changes };
        try {
            await got(server.PUT('/brushes/{id}', { ...of(id), body }));
        } catch (error) {
            warn(asProblem(error).message);
        }
        await load();
    }

    async function remove(brush: Brush): Promise<void> {
        try {
            await got(server.DELETE('/brushes/{id}', of(brush.id)));
            tell(`${brush.name} is taken out. What was done with it stays recorded.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/brushes/{id}/restore', of(brush.id)));
                    await load();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        await load();
    }

    function label(brush: Brush): string {
        return kinds.find((one) => one.value === brush.kind)?.label ?? brush.kind;
    }
</script>

<Card
    title="My brushes"
    words="At the desk you say which one you take; it is recorded, and metal is kept away from colour."
>
    <ul aria-label="My brushes">
        {#each brushes as brush (brush.id)}
            <li>
                <span><b><bdi>{brush.name}</bdi></b> <span class="quiet">{label(brush)}</span></span>
                <Tick
                    label="kept for metal"
                    checked={brush.keepsMetal}
                    change={(keepsMetal) => void change(brush, { keepsMetal })}
                />
                <Tick label="worn out" checked={brush.isWorn} change={(isWorn) => void change(brush, { isWorn })} />
                <Button size="small" kind="ghost" on:click={() => remove(brush)}
                    >Take out<span class="sr">: {brush.name}</span></Button
                >
            </li>
        {/each}
    </ul>
    <form onsubmit={add}>
        <TextInput
            size="sm"
            labelText="A brush"
            placeholder="Size 2, the red one …"
            dir="auto"
            invalid={problem !== null}
            invalidText={problem?.at('name') || (problem?.message ?? '')}
            bind:value={name}
        />
        <Choose label="What it is" value={kind} choices={kinds} change={(value) => (kind = value)} />
        <Button size="small" kind="tertiary" type="submit">Add it</Button>
    </form>
</Card>

<style>
    ul {
        display: grid;
        gap: 4px;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 16px;
        align-items: center;
        border-bottom: 1px solid var(--line);
    }

    li > :first-child {
        flex: 1 1 180px;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 12px;
        align-items: end;
        margin-top: 10px;
    }
</style>
