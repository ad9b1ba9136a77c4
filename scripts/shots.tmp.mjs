import { spawn, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumHere } from './chromium.mjs';
import { startLine } from './shared.mjs';
const data=mkdtempSync('/tmp/shots-'); cpSync('/tmp/bd/seeded',data,{recursive:true});
const SECRET='correct horse battery';
for (const [n,name,role] of [['ana','Ana Lind','head-coach'],['cora','Cora Berg','coach'],['hal','Hal Moss','assistant']]) { const r=spawnSync(process.execPath,['--import','tsx','src/cli/account.ts','add','--sign-in',n,'--name',name,'--role',role],{env:{...process.env,MELLOW_DATA:data},input:SECRET+'\n',encoding:'utf8'}); if(r.status) console.log(r.stderr); }
const server=spawn(process.execPath,startLine('0.0.0.0',3688),{env:{...process.env,MELLOW_DATA:data,MELLOW_HOST:'0.0.0.0',NEXT_MANUAL_SIG_HANDLE:'1'},stdio:['ignore','inherit','inherit']});
const base='http://127.0.0.1:3688';
for(;;){ const r=await fetch(base+'/sign-in').catch(()=>null); if(r) break; await new Promise(r=>setTimeout(r,200)); }
const browser=await chromium.launch({executablePath:chromiumHere()||undefined,args:['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync']});
const sign=async(n,size)=>{const c=await browser.newContext({viewport:size??{width:1280,height:800}}); const p=await c.newPage(); await p.goto(base+'/lessons'); await p.getByLabel('Sign-in name').fill(n); await p.getByLabel('Passphrase').fill(SECRET); await p.getByRole('button',{name:'Sign in'}).click(); await p.waitForTimeout(2500); return p;};
try{
 const cora=await sign('cora'); await cora.screenshot({path:'/tmp/bd/own.png'}); 
 const small=await sign('hal',{width:390,height:844}); await small.screenshot({path:'/tmp/bd/own-phone.png'});
 // attack: what may somebody do who has not chosen a passphrase, a coach, an assistant, nobody
 const own=async(p,soFar,fresh)=>{await p.getByLabel('Passphrase so far').fill(soFar);await p.getByLabel(/^New passphrase/).fill(fresh);await p.getByLabel('The new one again').fill(fresh);await p.getByRole('button',{name:'Change the passphrase'}).click();await p.waitForTimeout(2500);};
 const paths=['/api/academy/file','/api/balls/simulated','/api/players','/api/accounts','/api/backups','/players?new=academy'];
 const all=async(label,req)=>{for(const p of paths){const r=await req.get(base+p,{maxRedirects:0}); console.log(label,'GET',p,r.status());}
  for(const [m,p,d] of [['put','/api/academy/file',Buffer.from('x')],['delete','/api/balls/simulated'],['put','/api/academy',{}]]){const r=await req[m](base+p,{data:d,maxRedirects:0,headers:Buffer.isBuffer(d)?{'content-type':'application/gzip'}:{} }); console.log(label,m,p,r.status());}};
 await all('given(cora)',cora.request);
 await own(cora,SECRET,'another long passphrase'); await all('coach',cora.request);
 await own(small,SECRET,'another long passphrase'); await all('assistant',small.request);
 const nobody=await (await browser.newContext()).newPage(); await all('nobody',nobody.request);
 const ana=await sign('ana'); 
 await all('head',ana.request);
 // concurrent: file taken while balls are logged
 const L='/api/lessons/5a17a0e5-0000-4000-8000-000000000001/balls';
 const balls=await (await ana.request.get(base+L)).json(); const {seq,touched,...b}=balls[0];
 const file=await (await ana.request.get(base+'/api/academy/file')).body();
 let ok=0,other={}; const t=Date.now();
 const logging=(async()=>{for(let i=0;i<60;i++){const r=await ana.request.post(base+L,{data:{balls:[{...b,id:crypto.randomUUID()}]}}).catch(e=>null); const s=r?r.status():'x'; if(s===201||s===200) ok++; else other[s]=(other[s]||0)+1; await new Promise(r=>setTimeout(r,30));}})();
 await new Promise(r=>setTimeout(r,500));
 const put=await ana.request.put(base+'/api/academy/file',{data:file,headers:{'content-type':'application/gzip'}});
 console.log('put own file',put.status(),JSON.stringify(await put.json()).slice(0,160));
 await logging; console.log('balls meanwhile ok',ok,other,Date.now()-t,'ms');
 console.log('signed in after?',(await ana.request.get(base+'/api/accounts',{maxRedirects:0})).status());
 const ana2=await sign('ana'); console.log('signs in again', ana2.url(), (await ana2.request.get(base+'/api/accounts')).status());
 await ana2.goto(base+'/coaches'); await ana2.waitForTimeout(1500); await ana2.screenshot({path:'/tmp/bd/coaches.png'});
 // csrf: a foreign origin
 const foreign=await fetch(base+'/api/academy/file',{method:'PUT',headers:{origin:'http://evil.example','content-type':'application/gzip'},body:file}); console.log('foreign origin',foreign.status);
 const big=await fetch(base+'/api/academy/file',{method:'PUT',body:Buffer.alloc(60_000_000)}).catch(e=>({status:e.message})); console.log('60MB by nobody',big.status);
}finally{ await browser.close(); server.kill('SIGTERM'); await new Promise(r=>setTimeout(r,2500)); rmSync(data,{recursive:true,force:true}); }
