/** Who the demo's host is. The password is no secret: the door it opens is shut wherever anybody else could knock. */
export const demoEmail = 'host@lantern-quay.invalid';
export const demoPassword = 'the lamp is lit';
