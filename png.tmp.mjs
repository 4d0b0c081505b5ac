import { deflateSync } from 'node:zlib'; import { writeFileSync } from 'node:fs';
const T = Array.from({length:256},(_, n)=>{let c=n;for(let k=0;k<8;k++)c=c&1?0xedb88320^(c>>>1):c>>>1;return c>>>0;});
const crc = (b)=>{let c=0xffffffff;for(const x of b)c=T[(c^x)&255]^(c>>>8);return (c^0xffffffff)>>>0;};
const chunk=(t,d)=>{const l=Buffer.alloc(4);l.writeUInt32BE(d.length);const td=Buffer.concat([Buffer.from(t),d]);const c=Buffer.alloc(4);c.writeUInt32BE(crc(td));return Buffer.concat([l,td,c]);};
export function png(path, pics, columns=2){ const w=Math.max(...pics.map(p=>p.width)),h=Math.max(...pics.map(p=>p.height));const W=columns*w,H=Math.ceil(pics.length/columns)*h;const raw=Buffer.alloc(H*(W*3+1),255);for(let y=0;y<H;y++)raw[y*(W*3+1)]=0;
 pics.forEach((p,i)=>{const ox=(i%columns)*w,oy=Math.floor(i/columns)*h;for(let y=0;y<p.height;y++)for(let x=0;x<p.width;x++){const o=(oy+y)*(W*3+1)+1+3*(ox+x),f=4*(y*p.width+x);raw[o]=p.data[f];raw[o+1]=p.data[f+1];raw[o+2]=p.data[f+2];}});
 const ih=Buffer.alloc(13);ih.writeUInt32BE(W,0);ih.writeUInt32BE(H,4);ih[8]=8;ih[9]=2;
 writeFileSync(path,Buffer.concat([Buffer.from([137,80,78,71,13,10,26,10]),chunk('IHDR',ih),chunk('IDAT',deflateSync(raw)),chunk('IEND',Buffer.alloc(0))]));}
