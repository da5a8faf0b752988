/** Stands for optional parts of a library that are never called: pictures of pages, HTML, filters. */
export default undefined;
