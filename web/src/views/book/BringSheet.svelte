<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import { navigate } from '../../router';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  const input = $props.id();
  let sheets = $state.raw<Schemas['ValueImport'][]>([]);
  let reading = $state('');
  const sending = new Submission();
  const STATES: Record<Schemas['ValueImport']['state'], string> = {
    LOOKED_AT: 'looked at, not accepted',
    ACCEPTED: 'accepted',
    UNDONE: 'undone',
    DROPPED: 'dropped',
  };
  $effect(() => {
    void ask(api.GET('/api/book/imports')).then(
      (found) => (sheets = found),
      () => (sheets = []),
    );
  });

  async function bring(file: File | undefined) {
    if (!file) return;
    reading = `Reading ${file.name}, ${Math.max(1, Math.round(file.size / 1024))} kB …`;
    await sending.send(
      [file.name, file.size, file.lastModified],
      (id) =>
        ask(
          api.POST('/api/book/imports', {
            params: { query: { id, name: file.name } },
            body: file as unknown as string,
            bodySerializer: (body: unknown) => body as never,
            headers: { 'Content-Type': 'application/octet-stream' },
          }),
        ),
      (page) => navigate('/book/sheets/:id', { params: { id: page.sheet.id } }),
    );
    reading = '';
  }
</script>

<details class="fold">
  <summary>Bring a sheet of values (CSV)</summary>
  <p class="soft">
    The first line names the columns: make, model, year, place, torque, and as you have them unit,
    variant, thread, source, document, page, condition. Comma, semicolon or tab between, decimal
    comma or point. Nothing counts before you looked at each line and accepted.
  </p>
  <label for={input}>
    <span class="soft">The file</span>
    <input
      id={input}
      type="file"
      accept=".csv,.txt,.tsv,text/csv"
      disabled={sending.busy}
      onchange={(e) => void bring(e.currentTarget.files?.[0])}
    />
  </label>
  {#if reading}<p role="status">{reading}</p>{/if}
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  {#if sheets.length}
    <ul class="lines">
      {#each sheets as sheet (sheet.id)}
        <li>
          <a href="/book/sheets/{sheet.id}">{sheet.name}</a>
          <span class="soft">
            {STATES[sheet.state]}, brought {moment(sheet.saidAt)} by {sheet.saidBy}
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</details>

<style>
  label {
    display: grid;
    gap: 0.25rem;
    padding: 0.5rem 0;
  }
  input {
    min-height: 2.5rem;
    font: inherit;
    color: var(--ink);
  }
</style>
