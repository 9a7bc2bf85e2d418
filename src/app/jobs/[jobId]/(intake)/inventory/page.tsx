import { InventoryScreen } from "@/screens/intake/inventory-screen";

export default function Page() {
  return <InventoryScreen />;
}
