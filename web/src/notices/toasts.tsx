import { createRoot } from 'react-dom/client';
import { toast, Toaster, type ExternalToast } from 'sonner';

// Drawn beside the application, once, by whatever is said first.
const place = document.createElement('div');
document.body.append(place);
createRoot(place).render(<Toaster position="bottom-center" />);

export function showToast(message: string, options?: ExternalToast): void {
  toast(message, options);
}

export function showError(message: string, options?: ExternalToast): void {
  toast.error(message, options);
}
