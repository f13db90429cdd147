<script lang="ts">
  import { Close } from 'carbon-icons-svelte';

  interface Props {
    picture: { id: string; small: string; whole: string };
    /** What it shows, when and by whom. */
    words: string;
    /** Whether all of the picture is seen, as high as the row is. */
    whole?: boolean;
  }
  let { picture, words, whole: uncut = false }: Props = $props();
  let whole = $state<HTMLDialogElement>();
  let open = $state(false);

  function show() {
    open = true;
    whole?.showModal();
  }
</script>

<figure class:uncut>
  <button type="button" aria-label="Larger: {words}" onclick={show}>
    <img src={picture.small} alt="" />
  </button>
  <figcaption class="soft">{words}</figcaption>
</figure>
<dialog bind:this={whole} aria-label={words} onclose={() => (open = false)}>
  {#if open}<img src={picture.whole} alt={words} />{/if}
  <p>
    {words}
    <button class="close" type="button" onclick={() => whole?.close()}>
      <Close size={24} /> Close
    </button>
  </p>
</dialog>

<style>
  figure {
    margin: 0;
  }
  figure button {
    display: block;
    width: 100%;
    min-height: 3.5rem;
    padding: 0;
    border: 1px solid var(--hairline);
    background: var(--raised);
    cursor: zoom-in;
  }
  figure img {
    display: block;
    width: 100%;
    aspect-ratio: 4 / 3;
    object-fit: cover;
  }
  .uncut button {
    width: auto;
    min-width: 3.5rem;
  }
  .uncut img {
    width: auto;
    height: var(--picture, 9rem);
    aspect-ratio: auto;
    object-fit: contain;
  }
  figcaption {
    font-size: 0.75rem;
  }
  dialog {
    margin: auto;
    max-width: 96vw;
    max-height: 96vh;
    padding: 0.75rem;
    border: 1px solid var(--hairline);
    background: var(--ground);
    color: var(--ink);
  }
  dialog::backdrop {
    background: rgb(0 0 0 / 60%);
  }
  dialog img {
    display: block;
    max-width: calc(96vw - 2rem);
    max-height: calc(96vh - 6rem);
  }
  dialog p {
    display: flex;
    gap: 1rem;
    align-items: center;
    justify-content: space-between;
    margin-top: 0.5rem;
  }
  .close {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 3.5rem;
    padding: 0 1rem;
    border: 1px solid var(--copper);
    background: none;
    color: var(--copper);
    font: inherit;
    cursor: pointer;
  }
</style>
