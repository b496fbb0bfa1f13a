import { spawn } from 'node:child_process';
import { setTimeout as sleep } from 'node:timers/promises';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/browser';
import { writeCase } from '../files/caseJson';
import { lawns } from './bench/lawns';
async function main(){
const server = spawn(process.execPath, ['node_modules/next/dist/bin/next','start','-p','3220'],{env:{...process.env,AGROLOGOS_EMPTY:'1'}});
const b = await chromium.launch(CHROMIUM); const page = await b.newPage();
for(let i=0;i<50;i++){await sleep(200); const a=await page.goto('http://localhost:3220/').catch(()=>null); if(a?.ok())break;}
await sleep(1000);
const f=lawns(12);
await page.locator('input[type=file]').setInputFiles({name:'x.json',mimeType:'application/json',buffer:Buffer.from(writeCase(f))});
await page.getByRole('link',{name:f.title}).first().waitFor();
await page.goto(`http://localhost:3220/case?id=${f.id}&area=a1&step=ground`);
const field=page.locator('#worksheet').getByLabel(/^Length/).first(); await field.waitFor(); await field.focus(); await page.keyboard.press('End');
for(let i=0;i<20;i++){await page.keyboard.press(i%2?'Backspace':'1'); await sleep(30);}
const cdp=await page.context().newCDPSession(page); await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval',{interval:100}); await cdp.send('Profiler.start');
for(let i=0;i<60;i++){await page.keyboard.press(i%2?'Backspace':'1'); await sleep(40);}
const {profile}=await cdp.send('Profiler.stop');
const nodes=new Map(profile.nodes.map(n=>[n.id,n])); const self=new Map<string,number>();
profile.samples!.forEach((s,i)=>{const n=nodes.get(s)!; const k=n.callFrame.functionName+' '+n.callFrame.url.split('/').pop()+':'+n.callFrame.lineNumber+':'+n.callFrame.columnNumber; self.set(k,(self.get(k)??0)+profile.timeDeltas![i]!);});
[...self].sort((a,b)=>b[1]-a[1]).slice(0,45).forEach(([k,v])=>console.log((v/1000/60).toFixed(2),'ms/key',k));
await b.close(); server.kill();
}
void main();
