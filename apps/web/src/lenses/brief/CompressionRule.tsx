import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

/** How well the data is taken to pack, where the layout compresses: the builder's own assumption. */
export function CompressionRule() {
  const ratio = useAppSelector((state) => selectDesign(state).houseRules.compressionRatio)
  const edit = useEdit()
  return (
    <NumberField
      label="Compression"
      unit=": 1"
      min={1}
      max={10}
      value={ratio}
      help="Your guess; films and pictures save nothing."
      onChange={(compressionRatio) => {
        if (compressionRatio === null) return
        edit({ do: 'change-house-rules', change: { compressionRatio } }, true)
      }}
    />
  )
}
