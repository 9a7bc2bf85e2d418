"use client";

import { X } from "lucide-react";
import { Dialog as Primitive } from "radix-ui";
import type { ReactNode } from "react";

export function Dialog({
  open,
  onClose,
  title,
  description,
  children,
  wide = false,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  description?: string;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <Primitive.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Primitive.Portal>
        <Primitive.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Primitive.Content
          {...(description === undefined ? { "aria-describedby": undefined } : {})}
          className={`fixed top-[12vh] left-1/2 z-50 max-h-[78vh] w-[calc(100vw-2rem)] -translate-x-1/2 overflow-auto border-[1.5px] border-ink bg-sheet p-5 focus-visible:outline-none ${wide ? "max-w-3xl" : "max-w-md"}`}
        >
          <Primitive.Title className="mr-10 text-lg">{title}</Primitive.Title>
          {description !== undefined && (
            <Primitive.Description className="mt-1 text-ink2">{description}</Primitive.Description>
          )}
          <div className="mt-4">{children}</div>
          {/* Last, so that the first field has the focus when the dialog opens. */}
          <Primitive.Close aria-label="Close" className="absolute top-3 right-3 grid size-10 place-items-center">
            <X size={18} />
          </Primitive.Close>
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}
