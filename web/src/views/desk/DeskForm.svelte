<script lang="ts">
  import type { Schemas } from '../../api/client';
  import Field from '../../shell/Field.svelte';
  import { FIELDS, FOLDS, type DeskKey, type DeskState } from './fields';
  import { threadOf } from './state';

  interface Props {
    desk: DeskState;
    choices: Schemas['ChoicesResponse'];
    messages: Partial<Record<DeskKey, string>>;
    changed: () => void;
  }
  let { desk = $bindable(), choices, messages, changed }: Props = $props();
  const MOST_TYPED = 60;
  const turning = $derived(threadOf(desk.thread, choices)?.turning);
  const listed = $derived(choices.threads.some((t) => t.name === desk.thread));
  const friction = $derived(choices.conditions.find((c) => c.code === desk.condition));
  const asked = (key: DeskKey) => key !== 'gapStyle' || desk.clampStyle === 'FACEPLATE';
</script>

{#snippet field(key: DeskKey, large = false)}
  {@const its = FIELDS[key]}
  <Field
    label={its.label}
    bind:value={desk[key]}
    message={messages[key]}
    hint={its.hint}
    inputmode={large ? 'text' : 'decimal'}
    maxlength={MOST_TYPED}
    {large}
    options={key === 'thread' ? threads : key === 'mark' ? marks : its.from && list}
    children={key === 'thread' ? hand : key === 'condition' ? mu : undefined}
  />
  {#snippet list()}
    {#if its.none}<option value="">{its.none}</option>{/if}
    {#each its.from && choices[its.from] as c (c.code)}<option value={c.code}>{c.words}</option
      >{/each}
  {/snippet}
{/snippet}
{#snippet threads()}
  {#if !listed}<option value={desk.thread}>{desk.thread}</option>{/if}
  {#each choices.threads as t (t.name)}
    <option value={t.name}>{t.name}{t.note ? `, ${t.note}` : ''}</option>
  {/each}
{/snippet}
{#snippet marks()}
  {#each choices.classes as c (c.mark)}<option value={c.mark}>{c.mark}</option>{/each}
  <option value="">own figures</option>
{/snippet}
{#snippet hand()}
  {#if turning}<span class="warn">{turning}</span>{/if}
{/snippet}
{#snippet mu()}
  {#if friction}
    <span class="soft figure">μ {friction.min} / {friction.nominal} / {friction.max}</span>
  {/if}
{/snippet}

<form onsubmit={(e) => e.preventDefault()} oninput={changed} onchange={changed}>
  {@render field('torque', true)}
  {@render field('thread')}
  <div class="two">
    {@render field('mark')}
    {@render field('head')}
  </div>
  {#if desk.mark === ''}
    <div class="two">
      {@render field('yield')}
      {@render field('ultimate')}
    </div>
  {/if}
  {@render field('condition')}
  <div class="two">
    {@render field('into')}
    {@render field('length')}
  </div>
  {#each FOLDS as fold (fold.summary)}
    <details open={fold.opens.some((key) => desk[key] !== '')}>
      <summary>{fold.summary}</summary>
      <div class="two">
        {#each fold.fields.filter(asked) as key (key)}{@render field(key)}{/each}
      </div>
    </details>
  {/each}
</form>

<style>
  form {
    display: grid;
    gap: 0.625rem;
    margin-top: 0.75rem;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.625rem;
    align-items: start;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    line-height: 2.5rem;
    color: var(--copper);
  }
  details[open] {
    padding-bottom: 0.5rem;
  }
</style>
