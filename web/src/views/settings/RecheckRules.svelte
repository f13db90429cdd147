<script lang="ts">
  import type { Schemas } from '../../api/client';
  import Field from '../../shell/Field.svelte';

  type Rule = Schemas['RuleFields'];
  interface Props {
    title: string;
    rules: Rule[];
    usual: Rule[];
    at: (index: number) => string | undefined;
  }
  let { title, rules = $bindable(), usual, at }: Props = $props();
  const asUsual = $derived(JSON.stringify(rules) === JSON.stringify(usual));
  const fresh = (): Rule => ({
    key: '',
    why: '',
    afterFirstRide: false,
    km: '',
    days: '',
    hours: '',
  });
</script>

<div class="group">
  <p class="title">{title}</p>
  {#each rules as rule, i (i)}
    <div class="rule">
      <Field label="Why" bind:value={rule.why} />
      <label class="tick">
        <input type="checkbox" bind:checked={rule.afterFirstRide} /> after the first ride
      </label>
      <Field label="km" bind:value={rule.km} inputmode="decimal" maxlength={8} />
      <Field label="days" bind:value={rule.days} inputmode="numeric" maxlength={6} />
      <Field label="hours" bind:value={rule.hours} inputmode="decimal" maxlength={8} />
      <button
        class="quiet"
        type="button"
        aria-label="Leave out: {rule.why}"
        onclick={() => rules.splice(i, 1)}>Leave out</button
      >
      {#if at(i)}<p class="bad">{at(i)}</p>{/if}
    </div>
  {:else}
    <p class="soft">Nothing is looked at again.</p>
  {/each}
  <button class="quiet" type="button" onclick={() => rules.push(fresh())}>Another rule</button>
  {#if !asUsual}
    <button class="quiet" type="button" onclick={() => (rules = $state.snapshot(usual))}>
      As usual
    </button>
  {/if}
</div>

<style>
  .group {
    max-width: 64rem;
    padding-bottom: 0.75rem;
  }
  .title {
    font-size: 0.8125rem;
    color: var(--ink-soft);
  }
  .rule {
    display: grid;
    grid-template-columns: minmax(12rem, 1fr) auto 5rem 4rem 4.5rem auto;
    gap: 0.25rem 0.75rem;
    align-items: end;
    padding: 0.25rem 0;
  }
  .rule .bad {
    grid-column: 1 / -1;
  }
  .tick {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
  }
  @media (max-width: 640px) {
    .rule {
      grid-template-columns: repeat(3, 1fr);
    }
    .rule > :global(:first-child),
    .tick {
      grid-column: 1 / -1;
    }
  }
</style>
