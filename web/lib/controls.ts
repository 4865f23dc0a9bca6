// Flowbite Svelte's controls one by one: the whole library would be an order of magnitude more to load.
export { default as Checkbox } from 'flowbite-svelte/Checkbox.svelte';
export { default as Helper } from 'flowbite-svelte/Helper.svelte';
export { default as Input } from 'flowbite-svelte/Input.svelte';
export { default as Label } from 'flowbite-svelte/Label.svelte';
export { default as Select } from 'flowbite-svelte/Select.svelte';
export { default as Textarea } from 'flowbite-svelte/Textarea.svelte';
