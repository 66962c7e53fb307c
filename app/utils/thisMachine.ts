/** Whether this page came from the machine that it is on: its address means nothing to other devices. */
export const isOnThisMachine = (): boolean => /^(localhost|127\.|\[::1\])/.test(location.hostname)
