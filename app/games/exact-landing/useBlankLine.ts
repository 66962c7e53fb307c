/** Whether the numbers of the line are left blank, for children to fill in: this room's habit, remembered on the device. */
export const useBlankLine = () => useLocalStorage('line-blank', false)
