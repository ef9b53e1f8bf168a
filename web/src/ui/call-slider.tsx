'use client';
import { Label } from 'react-aria-components/Label';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components/Slider';
import styled from 'styled-components';

const Wrap = styled(Slider)`
  padding: 8px 0;
  .track {
    position: relative;
    height: 44px;
    margin: 0 11px;
    cursor: pointer;
    background:
      linear-gradient(var(--ink), var(--ink)) center / 1px 14px no-repeat,
      linear-gradient(var(--ink), var(--ink)) center / 100% 1px no-repeat;
  }
  .thumb {
    top: 50%;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    background: var(--madder);
  }
  .thumb[data-focus-visible] {
    outline: 2px solid var(--madder);
    outline-offset: 3px;
  }
  &[data-disabled] .thumb {
    background: var(--faint);
  }
  .ends {
    display: flex;
    justify-content: space-between;
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;

/** A call between two answers, −100 to 100: further from the middle is surer, in steps of ten. */
export const CallSlider = ({
  asks,
  says,
  low,
  high,
  value,
  onChange,
  disabled,
}: {
  asks: string;
  /** The call in words. */
  says: string;
  low: string;
  high: string;
  value: number;
  onChange: (value: number) => void;
  disabled: boolean;
}) => (
  <Wrap minValue={-100} maxValue={100} step={10} value={value} onChange={(set) => onChange(typeof set === 'number' ? set : set[0]!)} isDisabled={disabled}>
    <Label>
      {asks}: <strong>{says}</strong>
    </Label>
    <SliderTrack className="track">
      <SliderThumb className="thumb" />
    </SliderTrack>
    <span className="ends">
      <span>{low}</span>
      <span>{high}</span>
    </span>
  </Wrap>
);
