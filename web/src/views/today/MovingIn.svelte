<script lang="ts">
  import { CheckmarkOutline, CircleDash } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';

  let { so }: { so: Schemas['MovingIn'] } = $props();
  const steps = $derived([
    {
      done: so.machine,
      href: '/machines',
      what: 'A machine',
      why: 'with what stands on its plate: jobs, values and re-checks hang on it.',
    },
    {
      done: so.tool,
      href: '/crib',
      what: 'A torque tool',
      why: 'with its certificate: critical joints need one in calibration.',
    },
    {
      done: so.people,
      href: here.isLead ? '/settings#people' : '/settings',
      what: 'A colleague',
      why: 'somebody else takes the second look at critical joints; working alone is a setting.',
    },
    {
      done: so.value,
      href: '/book',
      what: 'A value',
      why: 'with its page, or a whole sheet of them; what you look up at a job lands there too.',
    },
  ]);
</script>

<h2>Moving in</h2>
<ol class="lines">
  {#each steps as step (step.href)}
    <li>
      {#if step.done}<CheckmarkOutline size={16} /><span class="bx--visually-hidden">there:</span>
      {:else}<CircleDash size={16} /><span class="bx--visually-hidden">still to add:</span>{/if}
      {#if step.done}<span class="soft">{step.what}</span>{:else}<a href={step.href}>{step.what}</a
        ><span class="soft">{step.why}</span>{/if}
    </li>
  {/each}
</ol>

<style>
  li {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
  }
</style>
