import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumHere } from './chromium.mjs';
import { startLine } from './shared.mjs';
const LESSON='/lessons/5a17a0e5-0000-4000-8000-000000000001';
const data=mkdtempSync('/tmp/shots-'); cpSync('/tmp/bd/seeded',data,{recursive:true});
const server=spawn(process.execPath,startLine('127.0.0.1',3688),{env:{...process.env,MELLOW_DATA:data,NEXT_MANUAL_SIG_HANDLE:'1'},stdio:'ignore'});
const base='http://127.0.0.1:3688';
for(;;){ if((await fetch(base+'/api/players').catch(()=>null))?.ok) break; await new Promise(r=>setTimeout(r,200)); }
const browser=await chromium.launch({executablePath:chromiumHere()||undefined,args:['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync']});
const page=await browser.newPage({viewport:{width:1280,height:800}});
const shot=(n,full)=>page.screenshot({path:`/tmp/bd/${n}.png`,fullPage:!!full});
try{
 await page.goto(base+'/players?new=academy'); await page.getByRole('dialog').waitFor(); await page.waitForTimeout(2500);
 await page.getByText('To another computer').scrollIntoViewIfNeeded(); await page.waitForTimeout(300); await shot('academy');
 await page.goto(base+'/practice/tests/5a17a0e5-0000-4000-8000-0000000000b2'); await page.waitForTimeout(2000); await shot('test');
 await page.goto(base+LESSON); await page.getByTestId('script').waitFor(); await page.getByText('Tracker',{exact:true}).click(); await page.getByRole('button',{name:'Simulate a tracked ball'}).click(); await page.waitForTimeout(1500); await shot('run',true);
 await page.goto(base+'/?player=ines-okafor&pin_yd=15&edge_yd=9&lip.height_ft=4&lip.distance_ft=6&lie=plugged'); await page.getByTestId('script').waitFor(); await page.waitForTimeout(3000); await page.getByText(/options? ruled out, and why/).click(); await page.waitForTimeout(500); await page.getByText(/options? ruled out, and why/).scrollIntoViewIfNeeded(); await shot('why',true);
 await page.goto(base+LESSON+'/plan'); await page.waitForTimeout(2000); await page.getByText('end of the lesson').scrollIntoViewIfNeeded(); await shot('plan');
 await page.goto(base+LESSON+'/review'); await page.waitForTimeout(6000); await page.getByRole('button',{name:'Draft the summary'}).click(); await page.getByLabel('Summary').scrollIntoViewIfNeeded(); await shot('review');
 await page.evaluate(()=>scrollTo(0,0)); await shot('review-top');
}finally{ await browser.close(); server.kill('SIGTERM'); await new Promise(r=>setTimeout(r,1500)); rmSync(data,{recursive:true,force:true}); }
