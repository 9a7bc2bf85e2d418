export interface Refused {
  readonly message: string;
  readonly hint: string;
}
export const CHANGED_FIRST: Refused = {
  message: "Someone else changed the same row meanwhile.",
  hint: "It is shown as they left it; decide whether yours is to be made over it.",
};

export async function errorOf(answer: Response): Promise<Refused & { readonly code: string }> {
  const { error } = (await answer.json().catch(() => ({ error: {} }))) as {
    error?: Partial<Refused & { code: string }>;
  };
  return {
    code: error?.code ?? "",
    message: error?.message ?? `The server refused it (${answer.status}).`,
    hint: error?.hint ?? "",
  };
}
