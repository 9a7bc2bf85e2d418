import type { ReactNode } from "react";
import { StageTabs } from "@/screens/shell/stage-tabs";
import { SECURITY_VIEWS } from "@/screens/shell/stages";

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <>
      <StageTabs label="Security" views={SECURITY_VIEWS} />
      {children}
    </>
  );
}
