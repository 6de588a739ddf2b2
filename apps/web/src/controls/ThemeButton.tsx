import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined'
import LightModeOutlined from '@mui/icons-material/LightModeOutlined'
import { useColorScheme } from '@mui/material/styles'

export function ThemeButton() {
  const { mode, systemMode, setMode } = useColorScheme()
  const dark = (mode === 'system' ? systemMode : mode) === 'dark'
  const label = dark ? 'Light sheet' : 'Dark sheet'
  return (
    <button
      type="button"
      className="plain-button"
      aria-label={label}
      title={label}
      style={{ display: 'grid' }}
      onClick={() => {
        setMode(dark ? 'light' : 'dark')
      }}
    >
      {dark ? <LightModeOutlined fontSize="small" /> : <DarkModeOutlined fontSize="small" />}
    </button>
  )
}
