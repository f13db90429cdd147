<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Typed = Schemas['TypedValue'];
  interface Props {
    sources: Schemas['Named'][];
    conditions: Schemas['Named'][];
    /** The value that is changed; a new one without it. */
    value?: Schemas['BookValue'];
    taken: () => void;
  }
  let { sources, conditions, value, taken }: Props = $props();
  const DRAFT = untrack(() => `book.${value?.id ?? 'new'}`);
  const fresh = (): Typed => ({
    make: '',
    model: '',
    years: '',
    variant: '',
    place: '',
    thread: '',
    torque: '',
    source: 'MANUAL',
    document: '',
    condition: 'UNKNOWN',
  });
  let typed = $state<Typed>(
    untrack(() => ({
      ...fresh(),
      ...(value && {
        make: value.make,
        model: value.model,
        years:
          value.yearFrom === value.yearTo
            ? `${value.yearFrom}`
            : `${value.yearFrom}-${value.yearTo}`,
        variant: value.variant,
        place: value.place,
        thread: value.thread,
        torque: value.torque,
        source: value.source,
        document: value.document,
        condition: value.condition,
      }),
      ...(JSON.parse(kept(DRAFT) || '{}') as Partial<Typed>),
    })),
  );
  $effect(() => keep(DRAFT, JSON.stringify(typed)));
  const sending = new Submission();
  const at = (field: RegExp) => sending.at(field) || undefined;

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [typed, value?.id],
      (id) =>
        ask(
          api.POST('/api/book/values', {
            body: { id, value: typed, ...(value ? { replaces: value.id } : {}) },
          }),
        ),
      () => {
        // Several of one machine come one after the other.
        typed = { ...typed, place: '', thread: '', torque: '' };
        keep(DRAFT, '');
        taken();
      },
    );
  }
</script>

<form onsubmit={send} aria-label={value ? 'Change this value' : 'A value'}>
  <Field label="Make" bind:value={typed.make} maxlength={60} message={at(/^make/)} />
  <Field label="Model" bind:value={typed.model} maxlength={60} message={at(/^model/)} />
  <Field
    label="Model years"
    hint="2024 or 2019-2022"
    bind:value={typed.years}
    maxlength={12}
    message={at(/^year/)}
  />
  <Field
    label="Variant, where there are several"
    bind:value={typed.variant}
    maxlength={60}
    message={at(/^variant/)}
  />
  <Field
    label="Joint, as your jobs call it"
    hint="rear axle nut"
    bind:value={typed.place}
    maxlength={60}
    message={at(/^place/)}
  />
  <Field
    label="Thread"
    hint="M16x1.5, may be empty"
    bind:value={typed.thread}
    message={at(/^thread/)}
  />
  <Field
    label="Torque as it stands there"
    hint="98 Nm, 20-24 ft·lbf, max 5 Nm"
    bind:value={typed.torque}
    message={at(/^torque/)}
  />
  <Field label="Who says so" bind:value={typed.source}>
    {#snippet options()}
      {#each sources as s (s.code)}<option value={s.code}>{s.words}</option>{/each}
    {/snippet}
  </Field>
  <Field
    label="Document and page"
    hint="Workshop manual, p. 112"
    bind:value={typed.document}
    message={at(/^document/)}
  />
  <Field label="Stated for threads" bind:value={typed.condition}>
    {#snippet options()}
      {#each conditions as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
    {/snippet}
  </Field>
  <Button
    type="submit"
    size="field"
    kind="tertiary"
    disabled={sending.busy || !typed.torque.trim()}
  >
    {sending.busy ? 'Writing …' : value ? 'So it is now' : 'Into the book'}
  </Button>
</form>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    padding: 0.5rem 0;
    max-width: 64rem;
  }
</style>
