<script lang="ts">
  import { Submission } from '../../../api/submission.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import type { Shape } from './shape.svelte';

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
  const asking = new Submission();
  const sending = new Submission();
  const trouble = $derived(sending.trouble ?? asking.trouble);

  const look = () =>
    asking.send(
      at,
      () => shape.touches(at),
      (told) => (touches = told),
    );
  const remove = () =>
    sending.send(['remove', at], (id) => shape.change([{ kind: 'REMOVE', at }], id), gone);
  const copy = () => sending.send(['copy', at], (id) => shape.change([{ kind: 'COPY', at }], id));
</script>

<p class="no-print">
  {#if copies}
    <button class="quiet" type="button" disabled={sending.busy} onclick={() => void copy()}>
      Another like it
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
    <button class="quiet" type="button" disabled={sending.busy} onclick={() => void remove()}>
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
