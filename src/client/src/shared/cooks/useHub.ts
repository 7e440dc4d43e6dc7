import { HubConnectionBuilder, LogLevel, type HubConnection } from '@microsoft/signalr'
import { ref } from 'vue'

const longestPauseMs = 5000
let connection: HubConnection | null = null
const connected = ref(false)
const rejoin = new Set<() => void>()

/** The one connection to the server that tells what changes. It comes back by itself. */
export function useHub() {
  if (!connection) {
    const hub = new HubConnectionBuilder()
      .withUrl('/hubs/cooks')
      .withAutomaticReconnect({
        nextRetryDelayInMilliseconds: (retry) => Math.min(longestPauseMs, 250 * 2 ** retry.previousRetryCount),
      })
      .configureLogging(LogLevel.None)
      .build()
    const joined = () => {
      connected.value = true
      rejoin.forEach((again) => again())
    }
    const begin = () => hub.start().then(joined, () => setTimeout(begin, longestPauseMs))
    hub.onreconnecting(() => (connected.value = false))
    hub.onreconnected(joined)
    hub.onclose(() => (connected.value = false))
    connection = hub
    void begin()
  }
  return { hub: connection, connected, rejoin }
}
