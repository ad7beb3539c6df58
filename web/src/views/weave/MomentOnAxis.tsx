import { placeOf } from '@zemrin/core';
import { HEADER } from './Frame.tsx';
import { LEFT } from './layout.ts';
import { MomentSlider, type MomentSliderProps } from './MomentSlider.tsx';

/** The moment picked on the axis above the threads, and a line down through them. */
export function MomentOnAxis(
  props: Omit<MomentSliderProps, 'className'> & { plotPx: number; height: number },
) {
  const { axis, moment, plotPx, height } = props;
  return (
    <>
      <MomentSlider
        {...props}
        className="moment-slider absolute z-[6] h-6"
        style={{ left: LEFT - 8, top: HEADER - 21, width: plotPx + 16 }}
      />
      {moment !== undefined && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute z-[7] w-px bg-now"
          style={{
            left: LEFT + placeOf(axis, moment) * plotPx,
            top: HEADER - 8,
            height: height - HEADER,
          }}
        />
      )}
    </>
  );
}
