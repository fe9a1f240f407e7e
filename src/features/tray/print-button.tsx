'use client'
import * as say from '../../words/en/screens/tray'
import { Button } from '../../ui/button'

export function PrintButton() {
  return (
    <Button weight="primary" onClick={() => window.print()}>
      {say.printIt}
    </Button>
  )
}
