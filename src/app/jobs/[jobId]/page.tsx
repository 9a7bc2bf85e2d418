import { OverviewScreen } from "@/screens/overview/overview-screen";

export default function Page() {
  return <OverviewScreen />;
}
