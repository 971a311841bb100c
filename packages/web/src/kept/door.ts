import { ref } from 'vue';

/** Whether the server wants the household's passphrase first: asked from the home network, without a session. */
export const doorIsShut = ref(false);
