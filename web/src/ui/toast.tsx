'use client';
import { Button as Press } from 'react-aria-components/Button';
import { Text } from 'react-aria-components/Text';
import {
  UNSTABLE_Toast as Toast,
  UNSTABLE_ToastContent as ToastContent,
  UNSTABLE_ToastQueue as ToastQueue,
  UNSTABLE_ToastRegion as ToastRegion,
} from 'react-aria-components/Toast';
import styled from 'styled-components';
import { hear, type Said } from './say';

const queue = new ToastQueue<Said>({ maxVisibleToasts: 2 });
/** Seconds before it goes by itself; one that can be undone stays longer. */
const stays = { plain: 6, act: 15 };
hear((said) => void queue.add(said, { timeout: 1000 * (said.act === undefined ? stays.plain : stays.act) }));

const Region = styled(ToastRegion<Said>)`
  position: fixed;
  left: 50%;
  bottom: 20px;
  transform: translateX(-50%);
  display: grid;
  gap: 8px;
  z-index: 60;
  outline: none;
  width: max-content;
  max-width: calc(100vw - 24px);
`;
const Line = styled(Toast<Said>)`
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 8px 6px 18px;
  min-height: 44px;
  border-radius: 12px;
  background: var(--strong);
  color: var(--on-strong);
  box-shadow: 0 10px 30px rgb(0 0 0 / 22%);
  outline: none;
  &[data-focus-visible] {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  button {
    min-height: 36px;
    padding: 0 12px;
    border: 1px solid currentcolor;
    border-radius: 18px;
    background: transparent;
    color: inherit;
    font: 600 0.875rem var(--sans);
    cursor: pointer;
  }
  button[slot='close'],
  button[data-close] {
    border: 0;
    font-size: 1.125rem;
  }
  @media print {
    display: none;
  }
`;
/** The one place where it is said that something was done, and how to undo it. */
export const Toasts = () => (
  <Region queue={queue} aria-label="What was just done">
    {({ toast }) => (
      <Line toast={toast}>
        <ToastContent>
          <Text slot="title">{toast.content.says}</Text>
        </ToastContent>
        {toast.content.act !== undefined && (
          <Press
            onPress={() => {
              toast.content.act?.does();
              queue.close(toast.key);
            }}
          >
            {toast.content.act.says}
          </Press>
        )}
        <Press slot="close" data-close aria-label="Close this message">
          ×
        </Press>
      </Line>
    )}
  </Region>
);
