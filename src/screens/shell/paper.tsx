export type Paper = "A4" | "Letter";

/** The page's paper for printing; the browser breaks the pages and repeats the table's head on each. */
export function PaperStyle({ paper, landscape = false }: { paper: Paper; landscape?: boolean }) {
  return <style>{`@page { size: ${paper}${landscape ? " landscape" : ""}; margin: 12mm; }`}</style>;
}
