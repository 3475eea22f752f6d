// Unpacks a font for the web into one to print with: node print-font.mjs FONT.woff OUT.ttf
import { readFileSync, writeFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

const HEADER = 12;
const ENTRY = 16;
const [from, to] = process.argv.slice(2);
const woff = readFileSync(from);
if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error(`${from} is not a packed font`);
const count = woff.readUInt16BE(12);

// Each table as the packed font lists it: its name, where it lies, how long it is packed and unpacked, its sum.
const tables = Array.from({ length: count }, (_, i) => {
  const at = 44 + i * 20;
  const packed = woff.subarray(woff.readUInt32BE(at + 4), woff.readUInt32BE(at + 4) + woff.readUInt32BE(at + 8));
  const length = woff.readUInt32BE(at + 12);
  return { tag: woff.subarray(at, at + 4), sum: woff.readUInt32BE(at + 16), data: packed.length < length ? inflateSync(packed) : packed };
});

const power = 2 ** Math.floor(Math.log2(count));
const head = Buffer.alloc(HEADER + ENTRY * count);
woff.copy(head, 0, 4, 8);
head.writeUInt16BE(count, 4);
head.writeUInt16BE(power * 16, 6);
head.writeUInt16BE(Math.log2(power), 8);
head.writeUInt16BE((count - power) * 16, 10);
let offset = head.length;
const padded = tables.map(({ tag, sum, data }, i) => {
  const entry = HEADER + i * ENTRY;
  tag.copy(head, entry);
  head.writeUInt32BE(sum, entry + 4);
  head.writeUInt32BE(offset, entry + 8);
  head.writeUInt32BE(data.length, entry + 12);
  const whole = Buffer.concat([data, Buffer.alloc((4 - data.length % 4) % 4)]);
  offset += whole.length;
  return whole;
});
writeFileSync(to, Buffer.concat([head, ...padded]));
