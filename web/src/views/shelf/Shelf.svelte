<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { here } from '../../api/session.svelte';
  import { day, span } from '../../joint/figures';
  import Field from '../../shell/Field.svelte';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import LotUses from './LotUses.svelte';
  import NewProduct from './NewProduct.svelte';
  import PartMove from './PartMove.svelte';
  import ToBuy from './ToBuy.svelte';
  import { wantedOf } from './wanted';

  type Page = Schemas['ShelfPage'];
  const load = () => ask(api.GET('/api/shelf'));
  /** The lot that is looked back from. */
  let asked = $state('');
  let typed = $state('');
  const wanted = wantedOf(window.location.search);
  const sending = new Submission();
  const trouble = $derived(sending.trouble);

  const gone = (product: Schemas['ProductRow'], show: (page: Page) => void) =>
    sending.send(
      product.id,
      () =>
        ask(api.POST('/api/shelf/products/{id}/gone', { params: { path: { id: product.id } } })),
      show,
    );
  const open = (product: Schemas['ProductRow'], show: (page: Page) => void) =>
    sending.send(
      ['open', product.id],
      () =>
        ask(api.POST('/api/shelf/products/{id}/opening', { params: { path: { id: product.id } } })),
      show,
    );
</script>

<svelte:head><title>Shelf · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet children(shelf, again)}
    {@const kind = shelf.kinds.find((k) => k.code === wanted)}
    <h1>Shelf</h1>
    {#if trouble}<TroubleNote {trouble} />{/if}
    <h2>What goes on threads and faces</h2>
    {#if shelf.products.length}
      <div class="wide">
        <table class="ledger">
          <thead>
            <tr>
              <th>Product</th><th>Sets in, ride after</th><th class="from">Its sheet</th>
              <th>Good until</th><th>Lot</th><th>Opened, empty</th>
            </tr>
          </thead>
          <tbody>
            {#each shelf.products as p (p.product.id)}
              <tr>
                <td><strong>{p.product.name}</strong><br /><span class="soft">{p.words}</span></td>
                <td class="times">
                  {#if !p.cures}
                    <span class="soft">does not set</span>
                  {:else}
                    {#each p.times as t (t.on)}
                      <div>
                        <span class="figure">
                          {t.fixtureMinutes === undefined ? 'unknown' : span(t.fixtureMinutes)},
                          {t.fullCureMinutes === undefined ? 'unknown' : span(t.fullCureMinutes)}
                        </span>
                        <span class="soft">{t.on}</span>
                      </div>
                    {:else}
                      unknown: use the maker’s sheet
                    {/each}
                  {/if}
                </td>
                <td class="soft from">
                  {p.product.sheet}
                  {#if p.says.length}<br />{p.says.join('; ')}{/if}
                </td>
                <td>
                  {#if p.goodUntil}
                    {#if p.expired}
                      <span class="warn"><WarningAlt size={16} /> past {day(p.goodUntil)}</span>
                    {:else}{day(p.goodUntil)}{/if}
                  {/if}
                  {#if p.product.openedOn}
                    <br /><span class="soft">open since {day(p.product.openedOn)}</span>
                  {/if}
                </td>
                <td class="whole">
                  {#if p.product.lot}
                    <button
                      class="quiet"
                      type="button"
                      aria-expanded={asked === p.product.lot}
                      aria-label="{p.product.name}, lot {p.product.lot}: where it went"
                      onclick={() => (asked = asked === p.product.lot ? '' : p.product.lot)}
                      >{p.product.lot}</button
                    >
                  {/if}
                </td>
                <td class="whole">
                  {#if here.may('KEEP_SHELF')}
                    {#if !p.product.openedOn}
                      <button
                        class="quiet"
                        type="button"
                        aria-label="{p.product.name}: opened today"
                        onclick={() => void open(p.product, again)}>Opened</button
                      >
                    {/if}
                    <button
                      class="quiet"
                      type="button"
                      aria-label="{p.product.name}: empty or thrown away"
                      onclick={() => void gone(p.product, again)}>Gone</button
                    >
                  {/if}
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {:else}
      <p class="soft">
        Nothing yet. Put on what stands on the shelf, with the times of its own sheet.
      </p>
    {/if}
    <form
      class="back"
      onsubmit={(e) => {
        e.preventDefault();
        asked = typed.trim();
      }}
    >
      <div class="lot"><Field label="Where did a lot go?" bind:value={typed} /></div>
      <Button type="submit" kind="tertiary" size="field" disabled={!typed.trim()}>Look back</Button>
    </form>
    {#if asked}{#key asked}<LotUses lot={asked} />{/key}{/if}
    <p class="soft">
      Times hold for the metal and temperature of the product’s own sheet: slower on stainless,
      plated or anodised threads and in the cold. Colours of bottles differ between makers; the kind
      is what counts. Gloves and fresh air.
    </p>
    {#if here.may('KEEP_SHELF')}
      <NewProduct
        kinds={shelf.kinds}
        materials={shelf.materials}
        wanted={kind?.code}
        taken={again}
      />
    {/if}

    <h2>Parts used once</h2>
    {#if shelf.parts.length}
      <table class="ledger parts">
        <thead>
          <tr>
            <th>Part</th><th class="num">There</th><th class="num">Price of one</th>
            <th>Size</th><th>Strength</th><th>Ordered as</th>
          </tr>
        </thead>
        <tbody>
          {#each shelf.parts as part (part.name)}
            <tr>
              <td>{part.name}</td>
              <td class="num">
                {#if part.pieces === 0}<span class="warn"><WarningAlt size={16} /> none</span
                  >{:else}{part.pieces}{/if}
              </td>
              <td class="num">{part.price === undefined ? '–' : part.price.toFixed(2)}</td>
              <td>{part.size}</td>
              <td>{part.strength}</td>
              <td class="figure">{part.orderNumber}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {:else}
      <p class="soft">Nothing counted yet.</p>
    {/if}
    {#if here.may('KEEP_SHELF')}
      <PartMove parts={shelf.parts} wanted={kind ? '' : wanted} taken={again} />
    {/if}

    {#key shelf}<ToBuy />{/key}
  {/snippet}
</Loaded>

<style>
  .wide {
    overflow-x: auto;
  }
  .wide td {
    vertical-align: middle;
  }
  @media (max-width: 640px) {
    .from {
      display: none;
    }
  }
  .times div,
  .whole {
    white-space: nowrap;
  }
  .whole :global(button + button) {
    margin-left: 0.75rem;
  }
  .back {
    display: flex;
    gap: 0.75rem;
    align-items: end;
    padding: 0.5rem 0;
  }
  .lot {
    width: 16rem;
  }
  .parts {
    max-width: 52rem;
  }
</style>
