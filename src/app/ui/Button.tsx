import clsx from 'clsx';
import type { ButtonHTMLAttributes, ReactElement } from 'react';
import { BUTTON_BASE, BUTTON_TONES, type ButtonTone } from './classes';

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  tone?: ButtonTone;
}

export function Button({
  tone = 'line',
  className,
  type = 'button',
  ...rest
}: ButtonProps): ReactElement {
  return (
    <button type={type} className={clsx(BUTTON_BASE, BUTTON_TONES[tone], className)} {...rest} />
  );
}
