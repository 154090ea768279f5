/** Stands for a library that is not needed. */
export default undefined;
