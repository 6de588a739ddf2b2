import config from '../e2e/playwright.config'

export default { ...config, testDir: '.', workers: 1 }
