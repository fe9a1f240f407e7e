// What stands at the bottom comes as one.
export { PlugList } from './plug-list'
export { SwapCard } from './swap-card'
