import type { CavityFacts, ConnectorFacts } from "../parts";

/** Words by which the two halves of one connector are told apart; a place alone ("cabin lamp") tells parts apart. */
const HALF_WORDS =
  /\b(?:(?:engine|eng|body|cabin|dash|interior|bay|chassis|car|vehicle|inner|outer)\b[ -](?:side|half|loom|harness)|(?:male|female|plug|socket|half|side)\b(?: [ab12mf]\b)?)|(?<=\d)[ -]?[mf]\b/g;

/**
 * Pairs of connectors that one side's tables list as the two halves of one ("C101 engine side", "C101 cabin side"): called
 * alike but for the words that tell halves apart, with the same cavities, and nobody has said what either plugs into.
 * They are asked about, not joined: two plugs of one kind are called alike as well.
 */
export function likelyHalves(
  connectors: readonly ConnectorFacts[],
  pinsOf: ReadonlyMap<string, readonly CavityFacts[]>,
): readonly (readonly [ConnectorFacts, ConnectorFacts])[] {
  const plugged = new Set(connectors.flatMap(({ mateId }) => mateId ?? []));
  const groups = new Map<string, ConnectorFacts[]>();
  for (const one of connectors) {
    if (one.mateId !== null || plugged.has(one.id)) continue;
    const name = sharedName(one.label);
    if (name === null) continue;
    const key = JSON.stringify([one.side, name]);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [one]);
    else group.push(one);
  }
  const cavitiesOf = ({ id }: ConnectorFacts) =>
    JSON.stringify((pinsOf.get(id) ?? []).map(({ cavity }) => cavity).toSorted());
  return [...groups.values()].flatMap(([one, other, third]) => {
    if (one === undefined || other === undefined || third !== undefined) return [];
    const count = pinsOf.get(one.id)?.length ?? 0;
    return count >= 2 && cavitiesOf(one) === cavitiesOf(other) ? [[one, other] as const] : [];
  });
}

/** The label without the words of halves; null where it has none, or no name is left. */
function sharedName(label: string): string | null {
  const plain = label.toLowerCase().replace(/[()[\],._/]+/g, " ");
  const left = plain.replace(HALF_WORDS, " ").replace(/\s+/g, " ").trim();
  return !/[a-z]/.test(left) || left === plain.replace(/\s+/g, " ").trim() ? null : left;
}
