import NextLink from 'next/link';
import type { ReactNode } from 'react';

interface TextLinkProps {
  readonly href: string;
  readonly onClick?: () => void;
  readonly children: ReactNode;
}

/** A way to another place inside a sentence, underlined so that it is seen to be one. */
export function TextLink({ href, onClick, children }: TextLinkProps) {
  return (
    <NextLink
      href={href}
      prefetch={false}
      onClick={onClick}
      style={{ textDecoration: 'underline', paddingBlock: 13 }}
    >
      {children}
    </NextLink>
  );
}
