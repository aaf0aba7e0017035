/** Stations at which cooks differ, see `schoolsOf`. */
export const SCHOOL_STATIONS = ['cut', 'soak', 'parcook', 'coat', 'fryer', 'load', 'cook'] as const;
