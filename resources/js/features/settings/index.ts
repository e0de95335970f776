export { SettingsPage } from './SettingsPage'
