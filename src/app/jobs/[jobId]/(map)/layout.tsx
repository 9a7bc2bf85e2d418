import type { ReactNode } from "react";
import { StageTabs } from "@/screens/shell/stage-tabs";
import { MAP_VIEWS } from "@/screens/shell/stages";

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <>
      <StageTabs label="Map" views={MAP_VIEWS} />
      {children}
    </>
  );
}
