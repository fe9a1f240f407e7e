'use client'
import * as say from '../words/en/screens/ui'
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
          {say.cannotBeDrawnSomething(this.props.of)}
        </p>
        <button
          type="button"
          className="mt-1 min-h-12 font-semibold underline underline-offset-4"
          onClick={() => this.setState({ broken: false })}
        >
          {say.tryItAgain}
        </button>
      </div>
    )
  }
}
