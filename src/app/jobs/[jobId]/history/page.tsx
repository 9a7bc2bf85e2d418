import { HistoryScreen } from "@/screens/history/history-screen";

export default function Page() {
  return <HistoryScreen />;
}
