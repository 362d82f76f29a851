/** Who may call an operation: anyone, any signed-in trainer, or the studio's owners. */
export type Access = 'open' | 'trainer' | 'owner';

/** An operation of the API as a caller has to know it; what it takes and answers stands with its route. */
export interface Operation {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Below the API's base, with `:name` for parameters. */
  path: string;
  summary: string;
  access: Access;
  /** A script may read it with a token. */
  forScripts?: true;
}
