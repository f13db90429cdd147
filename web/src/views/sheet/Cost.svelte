<script lang="ts">
  import { api, ask, asTrouble, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';

  interface Props {
    sheet: Schemas['JobSheet'];
    taken: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { sheet, taken, reload }: Props = $props();
  const cost = $derived(sheet.cost);
  const money = (n: number) => n.toFixed(2);
  let quoted = $state('');
  let rate = $state('');
  let message = $state('');
  let id = crypto.randomUUID();

  async function quote(e: SubmitEvent) {
    e.preventDefault();
    message = '';
    try {
      const fresh = await ask(
        api.POST('/api/jobs/{id}/quote', {
          params: { path: { id: sheet.jobId } },
          body: { id, amount: quoted, version: sheet.version },
        }),
      );
      quoted = '';
      taken(fresh);
    } catch (caught) {
      const trouble = asTrouble(caught);
      message = trouble.errors.map((p) => p.message).join(' ') || trouble.detail;
    }
    id = crypto.randomUUID();
  }
  async function setRate(e: SubmitEvent) {
    e.preventDefault();
    message = '';
    try {
      await ask(api.POST('/api/shelf/rate', { body: { id, perHour: rate } }));
      rate = '';
      reload();
    } catch (caught) {
      const trouble = asTrouble(caught);
      message = trouble.errors.map((p) => p.message).join(' ') || trouble.detail;
    }
    id = crypto.randomUUID();
  }
</script>

<h2>Time and cost</h2>
<table class="ledger">
  <tbody>
    <tr>
      <td>Work, {Math.round(sheet.minutes)} min</td>
      <td class="num">{cost.labour === undefined ? '–' : money(cost.labour)}</td>
    </tr>
    <tr>
      <td>
        Parts used once{#if cost.unpriced.length}<span class="soft"
            >, without {cost.unpriced.join(', ')}: no price on the shelf</span
          >{/if}
      </td>
      <td class="num">{money(cost.parts)}</td>
    </tr>
    {#if cost.total !== undefined}
      <tr class="sum"><td>In all</td><td class="num">{money(cost.total)}</td></tr>
    {/if}
    {#if cost.quoted !== undefined}
      <tr><td>Quoted</td><td class="num">{money(cost.quoted)}</td></tr>
    {/if}
    {#if cost.left !== undefined}
      <tr class={cost.left < 0 ? 'bad' : 'good'}>
        <td>{cost.left < 0 ? 'Short of it' : 'Left'}</td>
        <td class="num">{money(Math.abs(cost.left))}</td>
      </tr>
    {/if}
  </tbody>
</table>
<p class="soft">{cost.reasons.join(' ')}</p>
{#if here.mayWork}
  <form class="no-print" onsubmit={quote}>
    <label>
      Quoted price
      <input
        class="quiet"
        bind:value={quoted}
        inputmode="decimal"
        maxlength="12"
        autocomplete="off"
      />
    </label>
    <button class="quiet" disabled={!quoted.trim()}>Write down</button>
  </form>
{/if}
{#if here.isLead}
  <form class="no-print" onsubmit={setRate}>
    <label>
      Workshop rate an hour
      <input
        class="quiet"
        bind:value={rate}
        inputmode="decimal"
        maxlength="12"
        autocomplete="off"
      />
    </label>
    <button class="quiet" disabled={!rate.trim()}>Set</button>
  </form>
{/if}
{#if message}<p class="bad" role="alert">{message}</p>{/if}

<style>
  .sum td {
    font-weight: 600;
  }
  form {
    display: flex;
    gap: 0.75rem;
    align-items: end;
    margin-top: 0.5rem;
  }
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input {
    width: 9rem;
  }
</style>
