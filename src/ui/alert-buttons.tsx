import { Button } from './controls/button';
import type { Alerts } from './use-alerts';

/** Whether what is due is also heard and spoken. */
export function AlertButtons({ alerts }: { alerts: Alerts }) {
  return (
    <>
      <Button look="quiet" className="!px-0 !text-current" aria-pressed={alerts.on} onClick={alerts.toggle}>
        {alerts.on ? 'Sound is on' : 'Turn sound on'}
      </Button>
      {alerts.on && (
        <Button look="quiet" className="!text-current" aria-pressed={alerts.spoken} onClick={alerts.toggleSpeech}>
          {alerts.spoken ? 'Speech is on' : 'Speak it too'}
        </Button>
      )}
    </>
  );
}
