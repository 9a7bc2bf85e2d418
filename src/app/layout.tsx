import type { Metadata } from "next";
import { cookies, headers } from "next/headers";
import type { ReactNode } from "react";
import { Toaster } from "sonner";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Pantograph", template: "%s · Pantograph" },
  description: "Plans, computes and proves the wiring of an engine swap.",
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Read so that every page is made per request: its scripts carry that request's nonce.
  await headers();
  const theme = (await cookies()).get("theme")?.value;
  return (
    <html lang="en" data-theme={theme === "day" || theme === "night" ? theme : undefined}>
      <body>
        {children}
        <Toaster
          position="bottom-right"
          visibleToasts={3}
          toastOptions={{
            unstyled: true,
            classNames: {
              toast: "font-sans flex w-88 items-center gap-3 border-[1.5px] border-ink bg-ink p-3 text-bench text-sm",
              actionButton: "ml-auto shrink-0 border border-bench px-2.5 h-10 font-semibold",
              description: "opacity-85",
              title: "font-semibold",
              content: "min-w-0 break-words",
            },
          }}
        />
      </body>
    </html>
  );
}
