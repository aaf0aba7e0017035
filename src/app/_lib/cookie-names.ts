/** Name of the cookie with the token of a browser's session in its kitchen. */
export const SESSION_COOKIE = 'drubek_session';

/** Of the session of a run that was lent to it. */
export const RUN_COOKIE = 'drubek_run';

/** Of sessions in kitchens it was in before, joined by dots. */
export const OTHERS_COOKIE = 'drubek_others';

/** Under TLS a cookie is bound to this very host. */
export const SECURE_PREFIX = '__Host-';
