import { MapScreen } from "@/screens/map/map-screen";

export default function Page() {
  return <MapScreen />;
}
