/** The SQLSTATE of a database error, wherever the query builder wrapped it. */
function sqlState(error: unknown): string | undefined {
  for (let each = error; each instanceof Error; each = each.cause) {
    const { code } = each as { code?: unknown };
    if (typeof code === 'string' && /^[0-9A-Z]{5}$/.test(code)) return code;
  }
  return undefined;
}

export const isUniqueViolation = (error: unknown) => sqlState(error) === '23505';
