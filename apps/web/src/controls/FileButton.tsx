import { useRef } from 'react'

interface FileButtonProps {
  text: string
  /** What kind of file is chosen, for those who hear it. */
  label: string
  /** Endings and media types, as an input of files takes them. */
  accept: string
  title?: string
  disabled?: boolean
  onFile: (file: File) => void
}

/** A button that asks for a file. The same file may be chosen twice. */
export function FileButton({ text, label, accept, title, disabled, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <button
        type="button"
        className="plain-button"
        title={title}
        disabled={disabled}
        onClick={() => input.current?.click()}
      >
        {text}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={({ target }) => {
          const [file] = target.files ?? []
          target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}
