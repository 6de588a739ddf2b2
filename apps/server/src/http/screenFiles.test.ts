import { type BuildManifest, readManifest, screenFiles } from './screenFiles'

const manifest: BuildManifest = {
  'src/buildSheet/BuildSheet.tsx': {
    file: 'assets/sheet.js',
    css: ['assets/sheet.css'],
    imports: ['_a', '_b'],
  },
  'src/print/PrintScreen.tsx': {
    file: 'assets/print.js',
    imports: ['src/buildSheet/BuildSheet.tsx'],
  },
  _a: { file: 'assets/a.js', imports: ['_b'] },
  _b: { file: 'assets/b.js', css: ['assets/b.css'], imports: ['_a'] },
}

test.each([
  ['/designs/1f/drives', 'assets/sheet.js'],
  ['/designs/1f', 'assets/sheet.js'],
  ['/designs/1f/print', 'assets/print.js'],
])('%s begins with %s', (path, file) => {
  expect(screenFiles(manifest, path)?.startsWith(`</${file}>; rel=modulepreload`)).toBe(true)
})

test('all that a screen is made of is named once', () => {
  expect(screenFiles(manifest, '/designs/1f/core')).toBe(
    '</assets/sheet.js>; rel=modulepreload, </assets/a.js>; rel=modulepreload, </assets/b.js>; rel=modulepreload, </assets/sheet.css>; rel=preload; as=style; crossorigin, </assets/b.css>; rel=preload; as=style; crossorigin',
  )
})

test.each(['/', '/account', '/parts', '/designs/1f/core/more'])('%s names nothing', (path) => {
  expect(screenFiles(manifest, path)).toBeNull()
})

test('without a build there is nothing to name', () => {
  expect(readManifest('/nowhere')).toBeNull()
})
