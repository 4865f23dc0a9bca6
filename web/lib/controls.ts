// Flowbite Svelte's controls one by one: the whole library would be an order of magnitude more to load.
export { default as Checkbox } from 'flowbite-svelte/Checkbox.svelte';
