import { deflateRawSync, crc32 } from "node:zlib";

/** A file of an archive as somebody may have made it by hand: what its head says need not be so. */
export interface Zipped {
  readonly path: string;
  readonly bytes: Buffer;
  /** How long its head says it is; as long as it is, where nothing is said. */
  readonly said?: number;
}

/** An archive written by hand, byte for byte (APPNOTE 6.3.10), so that it may say what no library would write. */
export function zipped(files: readonly Zipped[]): Buffer {
  const parts: Buffer[] = [];
  const heads: Buffer[] = [];
  let at = 0;
  for (const { path, bytes, said = bytes.length } of files) {
    const name = Buffer.from(path, "utf8");
    const packed = deflateRawSync(bytes);
    const common = Buffer.alloc(26);
    common.writeUInt16LE(20, 0);
    common.writeUInt16LE(0x0800, 2);
    common.writeUInt16LE(8, 4);
    common.writeUInt32LE(crc32(bytes), 10);
    common.writeUInt32LE(packed.length, 14);
    common.writeUInt32LE(said, 18);
    common.writeUInt16LE(name.length, 22);
    parts.push(Buffer.from("PK\x03\x04", "latin1"), common, name, packed);
    const rest = Buffer.alloc(14);
    rest.writeUInt32LE(at, 10);
    heads.push(Buffer.from("PK\x01\x02\x14\x03", "latin1"), common, rest, name);
    at += 4 + common.length + name.length + packed.length;
  }
  const central = Buffer.concat(heads);
  const end = Buffer.alloc(22);
  end.write("PK\x05\x06", 0, "latin1");
  end.writeUInt16LE(files.length, 8);
  end.writeUInt16LE(files.length, 10);
  end.writeUInt32LE(central.length, 12);
  end.writeUInt32LE(at, 16);
  return Buffer.concat([...parts, central, end]);
}
