import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useWords } from '../words/words.ts';

/** A dialog over the page; Escape and a touch beside it close it. */
export function Modal(props: { title: string; onClose: () => void; children: ReactNode }) {
  const t = useWords();
  return (
    <Dialog.Root open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[8vh] left-1/2 z-50 max-h-[84vh] w-[min(560px,94vw)] -translate-x-1/2 overflow-auto rounded-xl bg-panel p-5 shadow-xl"
        >
          <div className="mb-4 flex items-center justify-between gap-4">
            <Dialog.Title className="text-xl">{props.title}</Dialog.Title>
            <Dialog.Close className="btn btn-quiet" aria-label={t('app.close')}>
              <X size={20} aria-hidden="true" />
            </Dialog.Close>
          </div>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
