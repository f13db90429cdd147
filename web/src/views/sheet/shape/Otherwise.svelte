<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import { onSheet } from '../turns';
  import type { Shape } from './shape.svelte';

  interface Props {
    /** A joint that the jobs of a visit do not have alike. */
    joint: Schemas['SheetJoint'];
    shape: Shape;
    may: boolean;
    reload: () => void;
  }
  let { joint, shape, may, reload }: Props = $props();
  const sending = new Submission(onSheet);

  /** All jobs have it as one of them says. */
  const take = (said: Schemas['Otherwise']) => {
    const edits = joint.otherwise
      .filter((o) => o.at.length && o.fixing !== said.fixing)
      .map((o) => ({ kind: 'ALIKE' as const, at: o.at, now: said.at }));
    return sending.send(edits, (id) => shape.change(edits, id));
  };
</script>

<ul class="lines" aria-label="How the jobs have it">
  {#each joint.otherwise as said (said.job)}
    <li>
      <span class="warn"><WarningAlt size={16} /></span>
      “{said.job}” has <strong class="figure">{said.fixing}</strong>
      {#if may && said.at.length}
        <button class="quiet" type="button" disabled={sending.busy} onclick={() => void take(said)}
          >So it is</button
        >
      {/if}
    </li>
  {/each}
</ul>
{#if sending.trouble}
  <TroubleNote
    trouble={sending.trouble}
    retry={sending.outrun ? reload : undefined}
    label="Show what is new"
  />
{/if}
