import type { ReactNode } from "react";
import { IntakeTabs } from "@/screens/shell/intake-tabs";

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <>
      <IntakeTabs />
      {children}
    </>
  );
}
