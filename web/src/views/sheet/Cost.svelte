<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import WriteDown from './WriteDown.svelte';

  interface Props {
    sheet: Schemas['JobSheet'];
    taken: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { sheet, taken, reload }: Props = $props();
  const cost = $derived(sheet.cost);
  const money = (n: number) => n.toFixed(2);

  const quote = async (amount: string, id: string) =>
    taken(
      await ask(
        api.POST('/api/jobs/{id}/quote', {
          params: { path: { id: sheet.jobId } },
          body: { id, amount, version: sheet.version },
        }),
      ),
    );
  const setRate = async (perHour: string, id: string) => {
    await ask(api.POST('/api/shelf/rate', { body: { id, perHour } }));
    reload();
  };
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
  <WriteDown label="Quoted price" inputmode="decimal" maxlength={12} send={quote} />
{/if}
{#if here.isLead}
  <WriteDown
    label="Workshop rate an hour"
    button="Set"
    inputmode="decimal"
    maxlength={12}
    send={setRate}
  />
{/if}

<style>
  .sum td {
    font-weight: 600;
  }
</style>
