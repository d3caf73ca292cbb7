/** What makes a described tree impossible. `place` is the author's own words for the spot, ids included. */
export interface TreeError {
  readonly code:
    | 'tree/duplicate-position'
    | 'tree/duplicate-transition'
    | 'tree/duplicate-read'
    | 'tree/duplicate-value'
    | 'tree/duplicate-rule-set'
    | 'tree/duplicate-profile'
    | 'tree/two-reaction-reads'
    | 'tree/dangling-position'
    | 'tree/dangling-read'
    | 'tree/dangling-value'
    | 'tree/dangling-transition'
    | 'tree/dangling-level'
    | 'tree/empty-when'
    | 'tree/duplicate-start'
    | 'tree/markup';
  readonly where: string;
  readonly id: string;
}
