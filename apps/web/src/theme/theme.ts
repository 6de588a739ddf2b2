import { createTheme } from '@mui/material/styles'

const LABEL = "'Barlow Condensed', 'Arial Narrow', sans-serif"
const TEXT = "'Barlow', system-ui, sans-serif"

/** The workshop sheet: warm paper, flint greys, one spark orange. The same colours as sheet.css. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#b23f08' },
        text: { primary: '#22272a', secondary: '#575e61' },
        background: { default: '#f4f1ea', paper: '#fcfbf8' },
        divider: '#cdc7ba',
      },
    },
    dark: {
      palette: {
        primary: { main: '#ff9458' },
        text: { primary: '#ece8df', secondary: '#aab0af' },
        background: { default: '#1c1f21', paper: '#262a2d' },
        divider: '#434a4e',
      },
    },
  },
  shape: { borderRadius: 0 },
  typography: { fontFamily: TEXT, fontSize: 13, button: { textTransform: 'none' } },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: {
        root: { backgroundImage: 'none', border: '1px solid var(--line)', boxShadow: 'none' },
      },
    },
    MuiTooltip: {
      styleOverrides: {
        tooltip: { backgroundColor: 'var(--band)', color: 'var(--band-ink)', fontSize: 12 },
      },
    },
    MuiDialogTitle: {
      styleOverrides: { root: { fontFamily: LABEL, fontWeight: 600, fontSize: 20 } },
    },
    MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
    MuiOutlinedInput: {
      styleOverrides: { root: { backgroundColor: 'var(--paper-raised)' } },
    },
  },
})
