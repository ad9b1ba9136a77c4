import { chromium } from '@playwright/test';
import { chromiumHere } from './chromium.mjs';
const executablePath = chromiumHere();
const browser = await chromium.launch({ ...(executablePath ? { executablePath } : {}), args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] });
const base='http://127.0.0.1:3650';
export async function shot(name, url, act, size={width:1280,height:800}) {
  const page = await browser.newPage({ viewport: size });
  page.on('pageerror', (e)=>console.log('ERR', name, e.message.slice(0,300)));
  await page.goto(base+url);
  await page.waitForTimeout(1500);
  try { await act?.(page); } catch (e) { console.log('ACT', name, e.message.slice(0,400)); }
  await page.waitForTimeout(600);
  await page.screenshot({ path: `/tmp/shot-${name}.png` });
  await page.close();
}
const only = process.argv.slice(2);
const S = (await import('/tmp/shots.mjs')).default;
for (const [name, url, act, size] of S) if (only.length===0 || only.includes(name)) await shot(name,url,act,size);
await browser.close();
