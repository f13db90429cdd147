<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    kinds: Schemas['CompoundKind'][];
    materials: Schemas['ShelfMaterial'][];
    wanted: Schemas['CompoundKind']['code'] | undefined;
    taken: (shelf: Schemas['ShelfPage']) => void;
  }
  let { kinds, materials, wanted, taken }: Props = $props();
  const DRAFT = 'shelf.product';
  let name = $state(kept(DRAFT));
  let code = $state<Schemas['CompoundKind']['code']>(untrack(() => wanted ?? 'MEDIUM'));
  type Row = {
    metal: Schemas['ShelfMaterial']['code'] | '';
    atC: string;
    fixture: string;
    fullCure: string;
  };
  const ROW: Row = { metal: '', atC: '', fixture: '', fullCure: '' };
  let rows = $state<Row[]>([{ ...ROW }]);
  let breakaway = $state('');
  let gapMm = $state('');
  let hottestC = $state('');
  let notFor = $state<Schemas['ShelfMaterial']['code'][]>([]);
  let opened = $state('');
  let monthsOpen = $state('');
  let sheet = $state('');
  let lot = $state('');
  let expires = $state('');
  $effect(() => keep(DRAFT, name));
  const cures = $derived(kinds.find((k) => k.code === code)?.cures ?? false);
  const sending = new Submission();
  const trouble = $derived(sending.besides(/./));
  const at = (field: RegExp) => sending.at(field);

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [
        name,
        code,
        rows,
        breakaway,
        gapMm,
        hottestC,
        notFor,
        opened,
        monthsOpen,
        sheet,
        lot,
        expires,
      ],
      (id) =>
        ask(
          api.POST('/api/shelf/products', {
            body: {
              id,
              name,
              compound: code,
              times: cures
                ? rows.map(({ metal, ...row }) => ({ ...row, ...(metal ? { metal } : {}) }))
                : [],
              breakaway: cures ? breakaway : '',
              gapMm: cures ? gapMm : '',
              hottestC,
              notFor,
              monthsOpen,
              ...(opened ? { openedOn: opened } : {}),
              lot,
              sheet,
              ...(expires ? { expiresOn: expires } : {}),
            },
          }),
        ),
      (shelf) => {
        [name, sheet, lot, expires, opened] = ['', '', '', '', ''];
        [breakaway, gapMm, hottestC, monthsOpen] = ['', '', '', ''];
        rows = [{ ...ROW }];
        notFor = [];
        taken(shelf);
      },
    );
  }
</script>

<details class="fold" open={wanted !== undefined}>
  <summary>Put a product on the shelf</summary>
  <form onsubmit={send}>
    <TextInput
      labelText="Name on the bottle"
      bind:value={name}
      maxlength={200}
      autocomplete="off"
      invalid={at(/name/) !== ''}
      invalidText={at(/name/)}
    />
    <Select labelText="Kind" bind:selected={code}>
      {#each kinds as kind (kind.code)}<SelectItem value={kind.code} text={kind.words} />{/each}
    </Select>
    <TextInput
      labelText="Data sheet, page"
      bind:value={sheet}
      maxlength={200}
      autocomplete="off"
      invalid={at(/sheet/) !== ''}
      invalidText={at(/sheet/)}
    />
    <TextInput labelText="Lot" bind:value={lot} maxlength={200} autocomplete="off" />
    <TextInput
      labelText="Use before"
      type="date"
      bind:value={expires}
      invalid={at(/expires/) !== ''}
      invalidText={at(/expires/)}
    />
    <TextInput
      labelText="Opened on"
      type="date"
      bind:value={opened}
      invalid={at(/openedOn/) !== ''}
      invalidText={at(/openedOn/)}
    />
    <TextInput
      labelText="Keeps once opened, months"
      bind:value={monthsOpen}
      maxlength={3}
      inputmode="numeric"
      autocomplete="off"
      invalid={at(/monthsOpen/) !== ''}
      invalidText={at(/monthsOpen/)}
    />
    <TextInput
      labelText="Holds up to, °C"
      bind:value={hottestC}
      maxlength={6}
      inputmode="decimal"
      autocomplete="off"
      invalid={at(/hottestC/) !== ''}
      invalidText={at(/hottestC/)}
    />
    {#if cures}
      <TextInput
        labelText="Breaks loose at"
        placeholder="18 Nm"
        bind:value={breakaway}
        maxlength={20}
        autocomplete="off"
        invalid={at(/breakaway/) !== ''}
        invalidText={at(/breakaway/)}
      />
      <TextInput
        labelText="Fills gaps up to, mm"
        bind:value={gapMm}
        maxlength={6}
        inputmode="decimal"
        autocomplete="off"
        invalid={at(/gapMm/) !== ''}
        invalidText={at(/gapMm/)}
      />
    {/if}
    <fieldset class="whole">
      <legend>Its sheet warns of</legend>
      {#each materials as material (material.code)}
        <label
          ><input
            type="checkbox"
            value={material.code}
            bind:group={notFor}
          />{material.words}</label
        >
      {/each}
    </fieldset>
    {#if cures}
      <fieldset class="whole">
        <legend>Times on its sheet, each metal and temperature a row</legend>
        {#each rows as row, i (i)}
          <div class="row">
            <Field label="On" bind:value={row.metal}>
              {#snippet options()}
                <option value="">all metals</option>
                {#each materials.filter((m) => m.isMetal) as metal (metal.code)}
                  <option value={metal.code}>{metal.words}</option>
                {/each}
              {/snippet}
            </Field>
            <Field
              label="At °C"
              hint="21"
              bind:value={row.atC}
              inputmode="decimal"
              maxlength={6}
              message={at(new RegExp(`^times\\[${i}\\]\\.atC`)) || undefined}
            />
            <Field
              label="Sets in (fixture time)"
              hint="20 min"
              bind:value={row.fixture}
              maxlength={20}
              message={at(new RegExp(`^times\\[${i}\\]\\.fixture`)) || undefined}
            />
            <Field
              label="Full cure"
              hint="24 h"
              bind:value={row.fullCure}
              maxlength={20}
              message={at(new RegExp(`^times\\[${i}\\]\\.fullCure`)) || undefined}
            />
          </div>
        {/each}
        <button class="quiet" type="button" onclick={() => rows.push({ ...ROW })}>
          Another metal or temperature
        </button>
      </fieldset>
    {/if}
    <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !name.trim()}>
      {sending.busy ? 'Writing …' : 'Put on the shelf'}
    </Button>
  </form>
  {#if trouble}<TroubleNote {trouble} />{/if}
</details>

<style>
  .whole {
    grid-column: 1 / -1;
    border: 0;
    min-width: 0;
  }
  legend {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .whole label {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
    min-height: 2.5rem;
    margin-right: 1.25rem;
  }
  .row {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
    gap: 0.5rem 0.75rem;
    padding-bottom: 0.5rem;
  }
</style>
