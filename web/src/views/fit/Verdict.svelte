<script lang="ts">
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import Why from '../../joint/Why.svelte';
  import type { Fit } from './fields';

  interface Props {
    verdict: Schemas['SteererStackResponse']['inShort'];
    says: Fit['says'];
    reasons: string[];
    derivation: Schemas['Derivation'][];
    /** It no longer tells of what is typed. */
    stale: boolean;
  }
  let { verdict, says, reasons, derivation, stale }: Props = $props();
  const MARKS = { FITS: CheckmarkOutline, TOO_CLOSE: WarningAlt, DOES_NOT: Misuse };
  const TONES = { FITS: 'good', TOO_CLOSE: 'warn', DOES_NOT: 'bad' };
  const WORDS = $derived({
    FITS: says?.good ?? 'Fits',
    TOO_CLOSE: 'Too close to call',
    DOES_NOT: says?.bad ?? 'Does not fit',
  });
  const Mark = $derived(verdict ? MARKS[verdict] : undefined);
</script>

<div class="verdict {verdict ? TONES[verdict] : ''}" class:stale role="status">
  {#if verdict && Mark}
    <p class="word"><Mark size={24} /> <strong>{WORDS[verdict]}</strong></p>
  {/if}
  {#each reasons as reason, i (i)}
    <p class={i ? 'more' : 'first'}>{reason}</p>
  {/each}
</div>
{#if derivation.length}<Why label="How it came about" {derivation} />{/if}

<style>
  .verdict {
    border-left: 4px solid var(--hairline);
    padding: 0.25rem 0 0.25rem 0.875rem;
    max-width: 68ch;
  }
  .good {
    border-color: var(--good);
  }
  .warn {
    border-color: var(--warn);
  }
  .bad {
    border-color: var(--bad);
  }
  .word {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    font-size: 1.375rem;
  }
  .first,
  .more {
    color: var(--ink);
  }
  .first {
    font-size: 1rem;
  }
  .more {
    margin-top: 0.25rem;
  }
  .stale {
    opacity: 0.55;
  }
</style>
