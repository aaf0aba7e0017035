import { z } from 'zod';
import { planFileSchema } from './plan-file';

/** Devices a kitchen can have, by the name in their address. */
export const DEVICE_KINDS = ['fryer', 'scale', 'probe', 'colour'] as const;

/** One of the devices. */
export type DeviceKind = (typeof DEVICE_KINDS)[number];

const message = <Name extends string, Shape extends z.core.$ZodLooseShape>(device: Name, shape: Shape) =>
  z.object({ device: z.literal(device), version: z.literal(1), ...shape });

/** What a fryer reports: °C of its air, °C of its dial or null when off, whether the drawer is in. */
export const fryerReportSchema = message('drubek.fryer', {
  air_c: z.number().min(-20).max(400),
  dial_c: z.number().min(40).max(260).nullable(),
  heating: z.boolean(),
  drawer: z.enum(['in', 'out']),
});

/** What a scale reports: g of the pieces lying on it. */
export const scaleReportSchema = message('drubek.scale', { grams: z.number().min(-50).max(20_000) });

/** What a probe reports: °C at its tip. */
export const probeReportSchema = message('drubek.probe', { centre_c: z.number().min(-40).max(400) });

/** What a colour reader reports: CIE L*a*b*, D50, of a typical piece. */
export const colourReportSchema = message('drubek.colour', {
  lab: z.tuple([z.number().min(0).max(100), z.number().min(-128).max(128), z.number().min(-128).max(128)]),
});

/** Reports by device. */
export const REPORT_SCHEMAS = {
  fryer: fryerReportSchema,
  scale: scaleReportSchema,
  probe: probeReportSchema,
  colour: colourReportSchema,
} as const;

/** What each device reports. */
export type DeviceReports = { readonly [Kind in DeviceKind]: z.output<(typeof REPORT_SCHEMAS)[Kind]> };

/** How a stand-in can be made to fail: no answer, the same number for ever, numbers that jump about. */
export const DEVICE_FAULTS = ['silent', 'stuck', 'noisy'] as const;

/** One way to fail. */
export type DeviceFault = (typeof DEVICE_FAULTS)[number];

/** Speeds a rehearsal may run at, over that of a clock. */
export const SPEED_LIMITS = [1, 120] as const;

/** A moment, ms since 1970. */
const momentSchema = z.number().int().min(1_500_000_000_000).max(4_102_444_800_000);

/** A clock that may run faster: at `real` ms since 1970 it showed `shown` ms, and goes `speed` times as fast. */
export const clockSchema = z.strictObject({
  real: momentSchema,
  shown: momentSchema,
  speed: z.number().min(SPEED_LIMITS[0]).max(SPEED_LIMITS[1]),
});

/** `PUT /fryer`: °C to turn the dial to, null to switch off. */
export const dialCommandSchema = z.strictObject({ dial_c: z.number().min(40).max(260).nullable() });

/** `POST /fryer/basket`: what hands did at the drawer of a stand-in; a fryer of metal knows it by itself. */
export const basketCommandSchema = z.discriminatedUnion('action', [
  /* `at`: when they went in, ms since 1970 by the clock that the stand-ins follow; now unless given */
  z.strictObject({ action: z.literal('load'), plan: planFileSchema, at: momentSchema.optional() }),
  z.strictObject({ action: z.literal('oil'), mass_g: z.number().min(0).max(200) }),
  z.strictObject({ action: z.enum(['shake', 'toss', 'flip', 'open', 'swap', 'pull', 'add', 'empty']) }),
]);

/** @see basketCommandSchema */
export type BasketCommand = z.output<typeof basketCommandSchema>;

/** `PUT /stand-ins`: the clock they follow and how each fails; null mends it. */
export const standInSettingsSchema = z.strictObject({
  clock: clockSchema.optional(),
  faults: z.partialRecord(z.enum(DEVICE_KINDS), z.enum(DEVICE_FAULTS).nullable()).optional(),
});

/** @see standInSettingsSchema */
export type StandInSettings = z.output<typeof standInSettingsSchema>;

/** One reading of one device by whoever asked. */
export type DeviceReading<Kind extends DeviceKind> =
  { readonly kind: 'read'; readonly report: DeviceReports[Kind] } | { readonly kind: 'silent'; readonly why: string };

/** All devices as the app's server hands them to a page; `faults` where they are stand-ins. */
export interface DeviceReadings {
  readonly readings: { readonly [Kind in DeviceKind]: DeviceReading<Kind> };
  /** how each stand-in is made to fail; null where the devices are none, or none that can be made to fail */
  readonly faults: Partial<Record<DeviceKind, DeviceFault>> | null;
}

/** What a page may ask of the devices. */
export const deviceRequestSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('start') }),
  z.strictObject({ kind: z.literal('dial'), command: dialCommandSchema }),
  z.strictObject({ kind: z.literal('basket'), command: basketCommandSchema }),
  z.strictObject({ kind: z.literal('settings'), settings: standInSettingsSchema }),
]);

/** @see deviceRequestSchema */
export type DeviceRequest = z.output<typeof deviceRequestSchema>;

/** The same as a page writes it. */
export type DeviceRequestBody = z.input<typeof deviceRequestSchema>;
