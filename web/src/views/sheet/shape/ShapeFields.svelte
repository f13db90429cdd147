<script lang="ts">
  import { choices } from '../../../api/choices';
  import type { Schemas, Trouble } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import {
    around,
    asTyped,
    bareField,
    find,
    typed,
    whenInWords,
    type Document,
    type Json,
    type ShapeField,
  } from './fields';
  import { onSheet } from '../turns';

  interface Props {
    document: Document;
    /** The way to the element whose fields these are. */
    at: string[];
    fields: ShapeField[];
    /** Ways to what is other than the catalogue has it. */
    differs: string[][];
    isLead: boolean;
    change: (edits: Schemas['NewEdit'][], id: string, reason?: string) => Promise<unknown>;
    reload: () => void;
  }
  let { document, at, fields, differs, isLead, change, reload }: Props = $props();
  let open = $state('');
  let text = $state('');
  let reason = $state('');
  let all = $state(false);
  let from = $state.raw<Schemas['ChoicesResponse'] | null>(null);
  choices().then(
    (fresh) => (from = fresh),
    () => (from = null),
  );
  const sending = new Submission(onSheet);
  const base = $props.id();
  const element = $derived(find(document, at));
  const holder = $derived(around(document, at));
  /** What can be chosen of a field. */
  const choicesOf = (f: ShapeField) => (from && f.choices ? f.choices(from, holder) : []);
  const shown = $derived(fields.filter((f) => f.first || all));
  const name = (f: ShapeField) => f.at.join('.');
  const value = (f: ShapeField): Json | undefined =>
    typeof element === 'string'
      ? f.at[0] === bareField(at)
        ? element
        : undefined
      : find(document, [...at, ...f.at]);
  /** What stands there, or what counts where nothing does. */
  const counts = (f: ShapeField): Json | undefined =>
    value(f) ?? (at.at(-2) === 'joints' ? from?.unsaidOfAJoint[name(f)] : undefined);
  const words = (f: ShapeField): string => {
    const now = counts(f);
    if (f.kind === 'yes') return now === true || now === 'true' ? 'yes' : 'no';
    if (f.kind === 'when') return whenInWords(now, holder) || 'always';
    const text = asTyped(now);
    const called = (code: string) => choicesOf(f).find((c) => c.code === code)?.words ?? code;
    if (f.kind === 'choice') return called(text) || '–';
    if (f.kind === 'many') return text.split('\n').map(called).join('\n') || '–';
    if (f.kind === 'numbers') return text.replaceAll('\n', ' → ') || '–';
    return text || '–';
  };
  const isOther = (f: ShapeField) => {
    const way = [...at, ...f.at].join('/');
    return differs.some(
      (d) => d.length > at.length && (way.startsWith(d.join('/')) || d.join('/').startsWith(way)),
    );
  };
  const wrong = (f: ShapeField): string => {
    const way = [...at, ...f.at].join('/');
    return (
      sending.trouble?.errors.find((e) => e.field === way || e.field.startsWith(`${way}/`))
        ?.message ?? ''
    );
  };
  const besides = $derived<Trouble | null>(
    sending.trouble && !fields.some((f) => wrong(f)) ? sending.trouble : null,
  );

  function edit(f: ShapeField) {
    open = name(f);
    text = asTyped(counts(f));
    if (f.kind === 'numbers') text = text.replaceAll('\n', ' ');
    reason = '';
    sending.trouble = null;
  }
  /** The smallest change that says it: a field, or what holds it where that is not there yet. */
  function edits(f: ShapeField, now: Json | undefined): Schemas['NewEdit'][] {
    const put = (way: string[], was: Json | undefined, then: Json | undefined) => [
      {
        kind: 'PUT' as const,
        at: way,
        ...(was === undefined ? {} : { was }),
        ...(then === undefined ? {} : { now: then }),
      },
    ];
    if (typeof element === 'string') {
      return f.at[0] === bareField(at)
        ? put(at, element, now)
        : put(at, element, { [bareField(at)]: element, [f.at[0] ?? '']: now ?? null });
    }
    const parent = f.at.slice(0, -1);
    if (parent.length && find(document, [...at, ...parent]) === undefined)
      return put([...at, ...parent], undefined, { [f.at.at(-1) ?? '']: now ?? null });
    return put([...at, ...f.at], value(f), now);
  }
  async function say(f: ShapeField, said: string) {
    const now = typed(f.kind, said, value(f));
    if (JSON.stringify(now ?? null) === JSON.stringify(value(f) ?? null)) {
      open = '';
      return;
    }
    const why = reason.trim();
    const changes = edits(f, now);
    const taken = await sending.send([changes, why], (id) => change(changes, id, why || undefined));
    if (taken) open = '';
  }
  const lowers = (f: ShapeField) => f.at[0] === 'critical' && value(f) === true;
  const focus = (node: HTMLElement) => node.focus();
</script>

{#if at.length && differs.some((d) => d.length <= at.length && at
        .join('/')
        .startsWith(d.join('/')))}
  <p class="mark">Not in the catalogue: added here.</p>
{/if}
<dl class="fields">
  {#each shown as f (name(f))}
    {@const message = wrong(f)}
    <div class:other={isOther(f)}>
      <dt id="{base}-{name(f)}">{f.label}</dt>
      <dd>
        {#if open === name(f)}
          <form
            onsubmit={(e) => {
              e.preventDefault();
              void say(f, text);
            }}
          >
            {#if f.kind === 'choice' || f.kind === 'when'}
              <select
                aria-labelledby="{base}-{name(f)}"
                bind:value={text}
                onchange={() => void say(f, text)}
                {@attach focus}
              >
                <option value="">{f.kind === 'when' ? 'always' : '–'}</option>
                {#each choicesOf(f) as c (c.code)}
                  <option value={c.code}>{c.words}</option>
                {/each}
              </select>
            {:else if f.kind === 'many'}
              <ul class="many" aria-labelledby="{base}-{name(f)}">
                {#each choicesOf(f) as c (c.code)}
                  {@const chosen = text.split('\n').filter(Boolean)}
                  <li>
                    <label>
                      <input
                        type="checkbox"
                        checked={chosen.includes(c.code)}
                        onchange={() =>
                          (text = (
                            chosen.includes(c.code)
                              ? chosen.filter((code) => code !== c.code)
                              : [...chosen, c.code]
                          ).join('\n'))}
                      />
                      {c.words}
                    </label>
                  </li>
                {/each}
              </ul>
            {:else if f.kind === 'lines' || f.kind === 'long' || f.kind === 'answers'}
              <textarea
                aria-labelledby="{base}-{name(f)}"
                bind:value={text}
                rows={f.kind === 'long' ? 3 : 4}
                maxlength="2000"
                onkeydown={(e) => e.key === 'Escape' && (open = '')}
                {@attach focus}></textarea>
            {:else}
              <input
                aria-labelledby="{base}-{name(f)}"
                aria-invalid={message ? 'true' : undefined}
                bind:value={text}
                inputmode={f.kind === 'number' ? 'decimal' : 'text'}
                maxlength="2000"
                autocomplete="off"
                spellcheck="false"
                onkeydown={(e) => e.key === 'Escape' && (open = '')}
                {@attach focus}
              />
            {/if}
            <button class="quiet" type="submit" disabled={sending.busy}>Take</button>
            <button class="quiet" type="button" onclick={() => (open = '')}>Leave</button>
          </form>
        {:else if f.kind === 'yes'}
          <button
            type="button"
            class="value"
            aria-label="{f.label}: {words(f)}"
            disabled={sending.busy}
            onclick={() =>
              lowers(f) && isLead ? edit(f) : void say(f, words(f) === 'yes' ? 'false' : 'true')}
            >{words(f)}</button
          >
        {:else}
          <button
            type="button"
            class="value"
            aria-label="{f.label}: {words(f)}"
            onclick={() => edit(f)}>{words(f)}</button
          >
        {/if}
        {#if message}<p class="bad">{message}</p>{/if}
        {#if isOther(f)}<span class="mark">changed here</span>{/if}
      </dd>
    </div>
    {#if open === name(f) && lowers(f)}
      <form
        class="reason"
        onsubmit={(e) => {
          e.preventDefault();
          void say(f, 'false');
        }}
      >
        <label for="{base}-reason">Why nothing critical hangs on it</label>
        <input id="{base}-reason" bind:value={reason} maxlength="1000" autocomplete="off" />
        <button class="quiet" type="submit" disabled={sending.busy || !reason.trim()}>
          Not critical
        </button>
      </form>
    {/if}
  {/each}
</dl>
{#if fields.some((f) => !f.first)}
  <button class="quiet" type="button" aria-expanded={all} onclick={() => (all = !all)}>
    {all ? 'Less' : 'Everything else'}
  </button>
{/if}
{#if besides}
  <TroubleNote
    trouble={besides}
    retry={sending.outrun ? reload : undefined}
    label="Show what is new"
  />
{/if}

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
    gap: 0 1.25rem;
  }
  .fields > div {
    display: grid;
    grid-template-columns: 8.5rem minmax(0, 1fr);
    gap: 0.5rem;
    align-items: center;
    border-bottom: 1px solid var(--hairline-soft);
    min-height: 2.5rem;
  }
  .fields > div:has(form) {
    grid-column: 1 / -1;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  dd {
    min-width: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
    align-items: center;
  }
  .value {
    flex: 1;
    min-height: 2.5rem;
    text-align: left;
    background: none;
    border: 0;
    color: var(--ink);
    font: inherit;
    font-variant-numeric: tabular-nums;
    white-space: pre-line;
    overflow-wrap: anywhere;
    padding: 0.25rem 0;
    cursor: pointer;
  }
  .value:hover {
    color: var(--copper);
  }
  .other dt {
    color: var(--copper);
  }
  .mark {
    font-size: 0.75rem;
    color: var(--copper);
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    flex: 1;
    align-items: center;
    padding: 0.25rem 0;
  }
  input,
  select,
  textarea {
    flex: 1;
    min-width: min(10rem, 100%);
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--copper);
    font: inherit;
    padding: 0.25rem 0.5rem;
  }
  .many {
    flex: 1 1 100%;
    list-style: none;
  }
  .many label {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
  }
  .many input {
    flex: none;
    min-width: 1.25rem;
    min-height: 1.25rem;
    accent-color: var(--copper-fill);
  }
  .reason {
    grid-column: 1 / -1;
  }
  .reason label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .bad {
    width: 100%;
    font-size: 0.8125rem;
  }
</style>
