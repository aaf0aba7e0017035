/** Said of what waits on this device because its browser is in another kitchen, or in none. */
export const NOT_HERE = 'Kept on this device until you are back in its kitchen';
