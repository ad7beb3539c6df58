import { useId, useState } from 'react';
import { useWords } from '../words/words.ts';
import { pictureOf } from './picture.ts';

/** Takes a picture, or one that is there, sized down; it stays in this browser. */
export function PictureButton({ onTake }: { onTake: (image: string) => void }) {
  const t = useWords();
  const id = useId();
  const [wrong, setWrong] = useState(false);
  return (
    <div className="mt-3">
      <label htmlFor={id} className="btn cook-btn cursor-pointer">
        {t('cook.picture')}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (!file) return;
          setWrong(false);
          void pictureOf(file).then(onTake, () => setWrong(true));
        }}
      />
      {wrong && <p role="alert">{t('cook.pictureWrong')}</p>}
    </div>
  );
}
