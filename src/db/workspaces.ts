/** Own records and the made-up season are kept apart, each in its own database. */
export const WORKSPACES = ['mine', 'demo'] as const;
export type Workspace = (typeof WORKSPACES)[number];
