import type { BasketCommand, DeviceReadings, StandInSettings } from '../schemas/device-message';

/** What an order came to; `why` in words. */
export type Ordered = { readonly ok: true } | { readonly ok: false; readonly why: string };

/** A kitchen's devices, whatever they speak. A device that does not answer is a reading as well, never an error. */
export interface DeviceAdapter {
  read(): Promise<DeviceReadings>;
  turnDial(celsius: number | null): Promise<Ordered>;
  /** tells a stand-in what hands did */
  atBasket(command: BasketCommand): Promise<Ordered>;
  set(settings: StandInSettings): Promise<Ordered>;
}
