/** Tells somebody who looks elsewhere; by the installed app where there is one, since phones take it from nobody else. */
export async function notify(title: string, body: string | undefined, tag: string) {
  if (!('Notification' in window) || Notification.permission !== 'granted') return
  const registration = await navigator.serviceWorker?.getRegistration()
  if (registration) await registration.showNotification(title, { body, tag, icon: '/icon-192.png' })
  else new Notification(title, { body, tag })
}

/** Asks whether it may; true when it may. */
export const mayNotify = async () => 'Notification' in window && (await Notification.requestPermission()) === 'granted'
