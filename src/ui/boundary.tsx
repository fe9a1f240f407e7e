'use client'
import { Component, type ReactNode } from 'react'

/** One part of a page that cannot be drawn says so; the rest of the page stands. `of` names the part. */
export class Boundary extends Component<{ readonly of: string; readonly children: ReactNode }, { readonly broken: boolean }> {
  override state = { broken: false }

  static getDerivedStateFromError(): { readonly broken: boolean } {
    return { broken: true }
  }

  override componentDidUpdate(before: { readonly of: string }): void {
    if (before.of !== this.props.of && this.state.broken) this.setState({ broken: false })
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children
    return (
      <div role="alert" className="m-4 border-l-[6px] border-look bg-look-tint px-4 py-3 text-[17px]">
        <p>
          <span className="font-bold text-look">◆ </span>
          {this.props.of} cannot be drawn: something that is stored is of an odd shape. Nothing is lost, and the rest of the page works.
        </p>
        <button
          type="button"
          className="mt-1 min-h-12 font-semibold underline underline-offset-4"
          onClick={() => this.setState({ broken: false })}
        >
          Try it again
        </button>
      </div>
    )
  }
}
