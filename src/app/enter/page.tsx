import type { Metadata } from "next";
import { EnterForm } from "@/screens/enter/enter-form";

export const metadata: Metadata = { title: "Enter" };

export default async function Page({ searchParams }: { searchParams: Promise<{ to?: string | string[] }> }) {
  const { to } = await searchParams;
  return <EnterForm to={ownPath(to)} />;
}

/** Where to afterwards: a path of ours, whatever the address says. */
const ownPath = (to: string | string[] | undefined): string =>
  typeof to === "string" && /^\/(?![/\\])[\w\-./?=&%]*$/.test(to) ? to : "/";
