<script lang="ts">
  import type { Schemas } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import { find } from './fields';
  import type { Shape } from './shape.svelte';
  import { onSheet } from '../turns';

  interface Props {
    shape: Shape;
    at: string[];
    title: string;
    /** Whether another like it may be made. */
    copies?: boolean;
    gone: () => void;
  }
  let { shape, at, title, copies = true, gone }: Props = $props();
  let touches = $state<string[] | null>(null);
  const asking = new Submission(onSheet);
  const sending = new Submission(onSheet);
  const trouble = $derived(sending.trouble ?? asking.trouble);

  const look = () =>
    asking.send(
      at,
      () => shape.touches(at),
      (told) => (touches = told),
    );
  const say = (kind: Schemas['NewEdit']['kind'], taken?: () => void) => {
    const edit = { kind, at };
    return sending.send(edit, (id) => shape.change([edit], id), taken);
  };
  const onEach = $derived(find(shape.document, [...at, 'eachSide']) === true);
</script>

<p class="no-print">
  {#if copies}
    <button class="quiet" type="button" disabled={sending.busy} onclick={() => void say('COPY')}>
      Another like it
    </button>
    <button
      class="quiet"
      type="button"
      disabled={sending.busy}
      onclick={() => void say(onEach ? 'APART' : 'BOTH_SIDES')}
    >
      {onEach ? 'Left and right differ' : 'On the other side too'}
    </button>
  {/if}
  <button class="quiet" type="button" disabled={asking.busy} onclick={() => void look()}>
    Take it out
  </button>
</p>
{#if touches}
  <div class="asked" role="group" aria-label="Take out {title}">
    <p>
      {touches.length ? 'With it changes:' : 'Nothing else hangs on it.'}
    </p>
    <ul class="lines">
      {#each touches as one, i (i)}<li>{one}</li>{/each}
    </ul>
    <button
      class="quiet"
      type="button"
      disabled={sending.busy}
      onclick={() => void say('REMOVE', gone)}
    >
      Take out “{title}”
    </button>
    <button class="quiet" type="button" onclick={() => (touches = null)}>Leave it</button>
  </div>
{/if}
{#if trouble}<TroubleNote {trouble} />{/if}

<style>
  .asked {
    border-left: 3px solid var(--warn);
    padding-left: 0.75rem;
  }
</style>
