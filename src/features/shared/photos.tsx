'use client'
import { type CSSProperties, useEffect, useState } from 'react'
import { photoBlob } from '../../client/store'

/** A photo: from this device while it is not sent, else from the server. */
export function PhotoView({
  id,
  alt,
  className,
  style,
}: {
  readonly id: string
  readonly alt: string
  readonly className?: string
  readonly style?: CSSProperties
}) {
  const [local, setLocal] = useState<string | null>(null)
  useEffect(() => {
    let url: string | null = null
    let gone = false
    void photoBlob(id).then((blob) => {
      if (gone) return
      url = blob ? URL.createObjectURL(blob) : `/api/photos/${id}`
      setLocal(url)
    })
    return () => {
      gone = true
      if (url?.startsWith('blob:')) URL.revokeObjectURL(url)
    }
  }, [id])
  // The picture comes from this device or from our own route, already small: the image optimizer has nothing to add.
  return local ? (
    // eslint-disable-next-line @next/next/no-img-element
    <img src={local} alt={alt} className={className} style={style} />
  ) : (
    <span role="img" aria-label={alt} className={className} style={style} />
  )
}
