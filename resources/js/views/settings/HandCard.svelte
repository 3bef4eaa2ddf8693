<script lang="ts">
    import { settings } from '../../lib/settings.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Card from './Card.svelte';
    import NumberSetting from './NumberSetting.svelte';

    /** What is painted with, and what a step costs before the brush touches a model. */
</script>

<Card
    title="My hand"
    words="Recipes and minutes go by it. How long a single step takes is set in the handbook, beside the step."
>
    <Tick
        label="An airbrush is at hand"
        checked={settings.tools.airbrush}
        change={(airbrush) => void settings.keep('tools', { airbrush })}
    />
    <div class="fields">
        <NumberSetting
            label="Minutes to set up a step"
            help="fetch, thin and clean, once for all models"
            step={0.5}
            value={settings.pace.setUpMinutes}
            keep={(setUpMinutes) => settings.keep('pace', { setUpMinutes }, 'pace.setUpMinutes')}
        />
    </div>
</Card>
