import { crc32, deflateRawSync } from 'node:zlib';

/** A zip by hand that holds one deflated stream and names it as often and as large as it likes. */
export function forgedZip(names: readonly string[], content: Buffer, says: number): Buffer {
  const packed = deflateRawSync(content);
  const sum = crc32(content);
  const head = (signature: number, length: number, at: number, name: string) => {
    const bytes = Buffer.alloc(length);
    bytes.writeUInt32LE(signature, 0);
    bytes.writeUInt16LE(8, at);
    bytes.writeUInt32LE(sum, at + 6);
    bytes.writeUInt32LE(packed.length, at + 10);
    bytes.writeUInt32LE(says, at + 14);
    bytes.writeUInt16LE(name.length, at + 18);
    return bytes;
  };
  const body = Buffer.concat([head(0x04034b50, 30, 8, names[0]!), Buffer.from(names[0]!), packed]);
  const directory = Buffer.concat(
    names.map((name) => Buffer.concat([head(0x02014b50, 46, 10, name), Buffer.from(name)])),
  );
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(names.length, 8);
  end.writeUInt16LE(names.length, 10);
  end.writeUInt32LE(directory.length, 12);
  end.writeUInt32LE(body.length, 16);
  return Buffer.concat([body, directory, end]);
}
