/** Where a device remembers which batch it has joined: its clock then follows the server's, not its own. */
export const JOINED = 'drubek.joined';
