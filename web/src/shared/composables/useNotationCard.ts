import { ref } from 'vue'

const open = ref(false)

/** Whether the notation card is shown: the words that the Reckon line reads. */
export const useNotationCard = () => open
