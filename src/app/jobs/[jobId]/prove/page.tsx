import { ProveScreen } from "@/screens/prove/prove-screen";

export default function Page() {
  return <ProveScreen />;
}
