/** The header of what is kept as a file: named after the tree, in letters that every disk takes. */
export const attachment = (treeId: string, ending: string): { readonly 'content-disposition': string } => ({
  'content-disposition': `attachment; filename="${treeId.replace(/[^\w.-]+/g, '-')}.${ending}"`,
});
