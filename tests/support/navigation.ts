import { beforeEach, vi } from "vitest";
import { address } from "./address";

/** Screens ask the router where they are: in tests, where {@link address} says. */
vi.mock("next/navigation", async () => {
  const asked = (await import("./address")).address;
  const nothing = () => undefined;
  return {
    usePathname: () => asked.path,
    useSearchParams: () => new URLSearchParams(asked.query),
    useRouter: () => ({ push: nothing, replace: nothing, refresh: nothing, prefetch: nothing }),
  };
});
beforeEach(() => {
  address.query = "";
});
