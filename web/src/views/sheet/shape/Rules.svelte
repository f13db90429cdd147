<script lang="ts">
  import { choices } from '../../../api/choices';
  import type { Schemas } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import { find, type Json } from './fields';
  import type { Shape } from './shape.svelte';
  import { onSheet } from '../turns';

  interface Props {
    shape: Shape;
    /** The way to the joint whose order this is. */
    at: string[];
  }
  let { shape, at }: Props = $props();
  let from = $state.raw<Schemas['ChoicesResponse'] | null>(null);
  choices().then(
    (fresh) => (from = fresh),
    () => (from = null),
  );
  type Rule = { before: string; after: string; binding?: string; reason: string };
  type Named = { id: string; title: string; phase?: string };
  const own = $derived(at.at(-1) ?? '');
  const within = $derived(at.slice(0, -2));
  const list = <T,>(name: string): T[] => {
    const found: Json | undefined = find(shape.document, [...within, name]);
    return Array.isArray(found) ? (found as T[]) : [];
  };
  const rules = $derived(list<Rule>('order').filter((r) => r.before === own || r.after === own));
  const others = $derived([
    ...list<Named>('joints').filter((j) => j.id !== own),
    ...list<Named>('steps').filter((s) => from?.boundPhases.some((p) => p.code === s.phase)),
  ]);
  const title = (id: string) =>
    [...list<Named>('joints'), ...list<Named>('steps')].find((n) => n.id === id)?.title ?? id;
  const bindingWords = (code: string | undefined) =>
    from?.bindings.find((b) => b.code === (code ?? 'FINAL'))?.words ?? '';
  let which = $state('after');
  let other = $state('');
  let binding = $state('TOUCH');
  let reason = $state('');
  const base = $props.id();
  const sending = new Submission(onSheet);

  const say = (edit: Schemas['NewEdit'], taken?: () => void) =>
    sending.send(edit, (id) => shape.change([edit], id), taken);
  const add = () => {
    const now = {
      before: which === 'after' ? other : own,
      after: which === 'after' ? own : other,
      binding,
      reason: reason.trim(),
    };
    return say({ kind: 'INSERT', at: [...within, 'order'], now }, () => (reason = ''));
  };
  const drop = (rule: Rule) =>
    say({ kind: 'REMOVE', at: [...within, 'order', `${rule.before}>${rule.after}`] });
</script>

<h3>What comes before what</h3>
<ul class="lines">
  {#each rules as rule, i (i)}
    <li>
      <span>
        {rule.after === own ? `After “${title(rule.before)}”` : `Before “${title(rule.after)}”`}:
        {rule.reason}
        <span class="soft">{bindingWords(rule.binding)}</span>
      </span>
      <button class="quiet" type="button" disabled={sending.busy} onclick={() => void drop(rule)}>
        Drop this rule
      </button>
    </li>
  {:else}
    <li class="soft">No rule names it.</li>
  {/each}
</ul>
{#if others.length}
  <details class="fold">
    <summary>Add a rule</summary>
    <form
      onsubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <label for="{base}-which">It comes</label>
      <select id="{base}-which" bind:value={which}>
        <option value="after">after</option>
        <option value="before">before</option>
      </select>
      <label for="{base}-other">this one</label>
      <select id="{base}-other" bind:value={other}>
        <option value="">choose</option>
        {#each others as o (o.id)}<option value={o.id}>{o.title}</option>{/each}
      </select>
      <label for="{base}-binding">How strictly</label>
      <select id="{base}-binding" bind:value={binding}>
        {#each from?.bindings ?? [] as b (b.code)}<option value={b.code}>{b.words}</option>{/each}
      </select>
      <label for="{base}-reason">Reason of the rule</label>
      <input id="{base}-reason" bind:value={reason} maxlength="1000" autocomplete="off" />
      <button class="quiet" type="submit" disabled={sending.busy || !other || !reason.trim()}>
        Add the rule
      </button>
    </form>
  </details>
{/if}
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.5rem;
  }
  form {
    grid-template-columns: auto minmax(0, 1fr);
  }
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input,
  select {
    min-height: 2.5rem;
    min-width: 0;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.5rem;
  }
  form button {
    grid-column: 2;
    justify-self: start;
  }
</style>
