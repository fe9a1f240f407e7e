import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/** A link to a page of the app, read when it is tapped: reading all in sight would cost the shop’s computer a read of each. */
export function Link(props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) {
  return <NextLink {...props} prefetch={false} />
}
