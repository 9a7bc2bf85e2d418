import { PlanScreen } from "@/screens/plan/plan-screen";

export default function Page() {
  return <PlanScreen />;
}
